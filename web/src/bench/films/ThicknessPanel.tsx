import { answer, server } from '../../api/client';
import { withLayering } from '../edits';
import { NumberField } from '../../ui/NumberField';
import type { Draft } from '../useDesign';
import { heapColour } from './heaps';
import { useRested } from './useRested';

/** The layers on the blank, and how many lie on one another where; the answer is shared with the stage. */
export function usePressed(draft: Draft, wanted: boolean) {
    return useRested(draft, ['pressed'], wanted, () =>
        answer(server.GET('/api/designs/{id}/pressed', { params: { path: { id: draft.id } } })),
    );
}

/** How thick the films are together: the key to the picture on the stage. */
export function ThicknessPanel({ draft }: { draft: Draft }) {
    const { design, change } = draft;
    const pressed = usePressed(draft, true).data;
    const counts = pressed ? [...new Set(pressed.heaps.map(({ films }) => films.length))].sort() : [];
    return (
        <section aria-label="Thickness" className="card grid gap-1.5 p-2 text-xs">
            {!pressed ? (
                'Looking…'
            ) : (
                <>
                    <ul className="grid gap-0.5">
                        {counts.map((count) => {
                            const heaps = pressed.heaps.filter(({ films }) => films.length === count);
                            return (
                                <li key={count} className="flex items-center gap-2">
                                    <span
                                        aria-hidden
                                        className="size-3 border border-ink/30"
                                        style={{ background: heapColour(count) }}
                                    />
                                    {count === 1 ? 'one film' : `${count} films`}
                                    <span className="ml-auto text-quiet">
                                        up to {millimetres(Math.max(...heaps.map(({ thickness }) => thickness)))}
                                    </span>
                                </li>
                            );
                        })}
                    </ul>
                    <p>
                        At most{' '}
                        <b className={pressed.thickest > pressed.limit ? 'text-madder' : 'text-sage-deep'}>
                            {millimetres(pressed.thickest)}
                        </b>
                        {pressed.thickest > pressed.limit && ', more than is allowed'}.
                    </p>
                </>
            )}
            <span className="flex items-center justify-between gap-2 text-quiet">
                A snag above
                <NumberField
                    label="The thickest that is allowed, in mm"
                    unit="mm"
                    least={0.01}
                    most={10}
                    step={0.1}
                    digits={2}
                    value={design.layering.thickest / 1000}
                    onChange={(thickest) => change(withLayering((now) => (now.thickest = Math.round(1000 * thickest))))}
                />
            </span>
        </section>
    );
}

const millimetres = (micrometres: number) => `${(micrometres / 1000).toFixed(2)} mm`;
