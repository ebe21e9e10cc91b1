import type { Film, RackFilm } from '../api/client';
import { NumberField } from '../ui/NumberField';
import { Segments } from '../ui/Segments';
import { Field } from './Group';

interface Props {
    entry: RackFilm;
    onFilm: (next: Partial<Film>) => void;
    onPress: (next: Partial<RackFilm['press']>) => void;
}

/** How a film is pressed. */
export function PressFields({ entry: { film, press }, onFilm, onPress }: Props) {
    return (
        <>
            <Field name="Heat, time">
                <NumberField
                    label="Temperature in degrees Celsius"
                    unit="°C"
                    least={60}
                    most={230}
                    step={5}
                    value={press.temperature}
                    onChange={(temperature) => onPress({ temperature })}
                />
                <NumberField
                    label="Seconds"
                    unit="s"
                    least={1}
                    most={90}
                    value={press.seconds}
                    onChange={(seconds) => onPress({ seconds })}
                />
            </Field>
            <Field name="Pressure">
                <Segments
                    label="Pressure"
                    small
                    value={press.pressure}
                    options={(['light', 'medium', 'firm'] as const).map((value) => ({ value, show: value }))}
                    onChange={(pressure) => onPress({ pressure })}
                />
            </Field>
            <Field name="Peel">
                <Segments
                    label="Carrier peel"
                    small
                    value={press.peel}
                    options={(['hot', 'warm', 'cold'] as const).map((value) => ({ value, show: value }))}
                    onChange={(peel) => onPress({ peel })}
                />
            </Field>
            <label className="flex items-center gap-2 text-xs">
                <input
                    type="checkbox"
                    className="accent-indigo"
                    checked={film.coated}
                    onChange={({ target }) => onFilm({ coated: target.checked })}
                />
                Holds on coated fabrics, too
            </label>
        </>
    );
}
