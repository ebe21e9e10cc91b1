import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, server, type Film, type RackEntry, type RackFilm } from '../api/client';
import { films, rack } from '../api/queries';
import { finishes, finishNames } from '../film/finishes';
import { Choice } from '../ui/Choice';
import { LengthField } from '../ui/LengthField';
import { NumberField } from '../ui/NumberField';
import { Segments } from '../ui/Segments';
import { NotSaved } from '../ui/NotSaved';
import { TextField } from '../ui/TextField';
import { FilmSwatch } from './FilmSwatch';
import { Field, Group } from './Group';
import { PressFields } from './PressFields';
import { useRackFilm } from './useRackFilm';

type Cut = RackFilm['cut'];
type Press = RackFilm['press'];

/** All that the shop knows of a film. */
export function FilmEditor({ entry: known, only }: { entry: RackEntry; only: boolean }) {
    const { value: entry, change, note, saving, retry } = useRackFilm(known);
    const client = useQueryClient();
    const { film } = entry;
    const { cut } = entry;
    const set = (next: Partial<Film>) => change((now) => ({ ...now, film: { ...now.film, ...next } }));
    const setCut = (next: Partial<Cut>) => change((now) => ({ ...now, cut: { ...now.cut, ...next } }));
    const setPress = (next: Partial<Press>) => change((now) => ({ ...now, press: { ...now.press, ...next } }));
    const remove = useMutation({
        mutationFn: () => answer(server.DELETE('/api/film-rack/{id}', { params: { path: { id: film.id } } })),
        onSuccess: () => Promise.all([client.invalidateQueries(rack), client.invalidateQueries(films)]),
    });
    return (
        <section
            aria-label={film.name}
            className="flex min-h-0 flex-col gap-4 overflow-y-auto border-l border-seam p-4"
        >
            <div className="flex gap-3">
                <FilmSwatch film={film} className="size-[104px]" />
                <div className="grid flex-1 content-start gap-2">
                    <TextField label="Name" longest={80} value={film.name} onChange={(name) => name && set({ name })} />
                    <Field name="Colour">
                        <input
                            type="color"
                            aria-label="Colour"
                            className="h-[26px] w-14 cursor-pointer rounded-[3px] border border-seam bg-white"
                            value={film.colour}
                            onChange={(event) => set({ colour: event.target.value })}
                        />
                        <Choice
                            label="Finish"
                            className="flex-1"
                            value={film.finish}
                            options={finishes}
                            by={(finish) => finish}
                            show={(finish) => finishNames[finish]}
                            onChange={(finish) => set({ finish })}
                        />
                    </Field>
                </div>
            </div>
            <Group name="On a design">
                <Field name="Layered over">
                    <Segments
                        label="Can be layered over"
                        small
                        value={film.carries}
                        options={[
                            {
                                value: 'by finish',
                                show: `as ${finishNames[film.finish]}: ${carries(film) ? 'yes' : 'no'}`,
                            },
                            { value: 'films', show: 'yes' },
                            { value: 'nothing', show: 'no' },
                        ]}
                        onChange={(next) => set({ carries: next })}
                    />
                </Field>
                <Field name="Opacity">
                    <Segments
                        label="Opacity"
                        small
                        value={film.opaque ? 'opaque' : 'through'}
                        options={[
                            { value: 'opaque', show: 'opaque' },
                            { value: 'through', show: 'translucent' },
                        ]}
                        onChange={(next) => set({ opaque: next === 'opaque' })}
                    />
                </Field>
                <Field name="Thickness">
                    <NumberField
                        label="Thickness in mm"
                        unit="mm"
                        least={0.01}
                        most={5}
                        step={0.01}
                        digits={3}
                        value={film.thickness / 1000}
                        onChange={(thickness) => set({ thickness: Math.round(1000 * thickness) })}
                    />
                </Field>
            </Group>
            <Group name="On the roll">
                <Field name="Width">
                    <LengthField
                        label="Width of the roll"
                        unit="mm"
                        least={10000}
                        value={film.width}
                        onChange={(width) => set({ width })}
                    />
                </Field>
                <Field name="Stock and price">
                    <NumberField
                        label="Stock in metres"
                        unit="m"
                        least={0}
                        most={1000}
                        digits={2}
                        value={entry.stock / 1e6}
                        onChange={(metres) => change((now) => ({ ...now, stock: Math.round(1e6 * metres) }))}
                    />
                    <NumberField
                        label="Price per metre"
                        unit="per metre"
                        least={0}
                        most={10000}
                        digits={2}
                        value={entry.price}
                        onChange={(price) => change((now) => ({ ...now, price }))}
                    />
                </Field>
                <Field name="Direction">
                    <Segments
                        label="Direction of frames on the roll"
                        small
                        value={entry.direction}
                        options={[
                            { value: 'any', show: 'any' },
                            { value: 'lengthwise', show: 'lengthwise' },
                            { value: 'one way', show: 'one way' },
                        ]}
                        onChange={(direction) => change((now) => ({ ...now, direction }))}
                    />
                </Field>
            </Group>
            <Group name="At the cutter">
                <Field name="Blade side">
                    <Segments
                        label="Side the blade cuts"
                        small
                        value={film.bladeSide}
                        options={[
                            { value: 'mirrored', show: 'mirrored' },
                            { value: 'as worn', show: 'as worn' },
                        ]}
                        onChange={(bladeSide) => set({ bladeSide })}
                    />
                </Field>
                <Field name="Blade">
                    <Segments
                        label="Blade angle"
                        small
                        value={String(cut.blade)}
                        options={['30', '45', '60'].map((value) => ({ value, show: `${value}°` }))}
                        onChange={(blade) => setCut({ blade: Number(blade) as 30 | 45 | 60 })}
                    />
                    <NumberField
                        label="Force in grams"
                        unit="g"
                        least={10}
                        most={600}
                        step={5}
                        value={cut.force}
                        onChange={(force) => setCut({ force })}
                    />
                </Field>
                <Field name="Speed, passes">
                    <NumberField
                        label="Speed in mm per second"
                        unit="mm/s"
                        least={10}
                        most={800}
                        step={10}
                        value={cut.speed}
                        onChange={(speed) => setCut({ speed })}
                    />
                    <NumberField
                        label="Passes"
                        unit="passes"
                        least={1}
                        most={5}
                        value={cut.passes}
                        onChange={(passes) => setCut({ passes })}
                    />
                </Field>
                <Field name="Mat">
                    <Segments
                        label="Carrier mat for the film"
                        small
                        value={cut.mat}
                        options={[
                            { value: 'none', show: 'none' },
                            { value: 'low tack', show: 'low tack' },
                            { value: 'high tack', show: 'high tack' },
                        ]}
                        onChange={(mat) => setCut({ mat })}
                    />
                </Field>
            </Group>
            <Group name="At the press">
                <Field name="Applied">
                    <Segments
                        label="How it is applied"
                        small
                        value={film.applied}
                        options={[
                            { value: 'hot', show: 'pressed hot' },
                            { value: 'cold', show: 'cold, with tape' },
                        ]}
                        onChange={(applied) => set({ applied })}
                    />
                </Field>
                {film.applied === 'hot' && <PressFields entry={entry} onFilm={set} onPress={setPress} />}
            </Group>
            <NotSaved note={note} stopped={saving.state === 'stopped'} onRetry={retry} />
            {!only && (
                <p className="stitch flex items-baseline justify-between gap-3 pt-3 text-xs text-quiet">
                    Designs keep their own copy.
                    <button
                        className="font-semibold whitespace-nowrap text-madder hover:underline"
                        onClick={() => remove.mutate()}
                    >
                        Remove from the rack
                    </button>
                </p>
            )}
        </section>
    );
}

/** Whether films of its finish carry others. */
const carries = ({ finish }: Film) => !['glitter', 'flock', 'puff'].includes(finish);
