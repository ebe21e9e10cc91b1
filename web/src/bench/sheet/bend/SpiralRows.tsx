import type { Line } from '../../../api/client';
import { LengthField } from '../../../ui/LengthField';
import { NumberField } from '../../../ui/NumberField';
import { Segments } from '../../../ui/Segments';
import { withTurn } from '../../model/edits';
import { Row } from '../../shared/Row';
import { useBenchStore } from '../../state/store';
import { TurnsRow } from './TurnsRow';
import { useFollows } from './useFollows';

/** Inner radius, pitch, turns and start of a spiral. */
export function SpiralRows({ line }: { line: Line }) {
    const { unit, put } = useFollows(line);
    const { change } = useBenchStore().getState();
    const { spiral } = line.follows;
    return (
        <>
            <Row name="Spiral">
                <LengthField
                    label="Inner radius"
                    note="inner"
                    unit={unit}
                    least={500}
                    value={spiral.inner}
                    onChange={(inner) => put((now) => (now.spiral.inner = inner))}
                />
            </Row>
            <Row name="Pitch">
                <NumberField
                    label="Pitch in percent of the ink’s height"
                    unit="% of height"
                    least={60}
                    most={600}
                    step={5}
                    value={spiral.pitch}
                    onChange={(pitch) => put((now) => (now.spiral.pitch = pitch), 'pitch')}
                />
            </Row>
            <TurnsRow line={line} />
            <Row name="Reads from">
                <Segments
                    label="Start of the text"
                    small
                    value={spiral.from}
                    options={[
                        { value: 'outside', show: 'outside' },
                        { value: 'inside', show: 'inside' },
                    ]}
                    onChange={(from) => put((now) => (now.spiral.from = from))}
                />
                <NumberField
                    label="Start of the text, in degrees clockwise from the top"
                    unit="°"
                    least={-180}
                    most={180}
                    digits={1}
                    value={line.place.turn}
                    onChange={(turn) => change(withTurn(line.id, turn), `turn:${line.id}`)}
                />
            </Row>
        </>
    );
}
