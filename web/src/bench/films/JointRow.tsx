import type { Design, JointKind, SheetJoint } from '../../api/client';
import { Choice } from '../../ui/Choice';
import { LengthField } from '../../ui/LengthField';
import { withJoint } from '../edits';
import type { Draft } from '../useDesign';
import { Safe } from './FilmCard';

const kinds: readonly JointKind[] = ['trapped', 'lay over', 'butted', 'gap'];

const notes: Record<JointKind, string> = {
    trapped: 'the lower one punched out, but for the trap',
    'lay over': 'the lower one runs on beneath',
    butted: 'edge to edge',
    gap: 'a line of the blank between',
};

interface Props {
    joint: SheetJoint;
    /** Whether other films lie between the two. */
    apart: boolean;
    design: Design;
    change: Draft['change'];
}

/** How a film meets one below it: the thread between two film cards. */
export function JointRow({ joint, apart, design, change }: Props) {
    const nameOf = (id: string) => design.films.find((film) => film.id === id)?.name ?? id;
    const [upper, lower] = [nameOf(joint.upper), nameOf(joint.lower)];
    const set = (next: { kind?: JointKind; width?: number }) => change(withJoint(joint.lower, joint.upper, next));
    return (
        <div
            role="group"
            aria-label={`${upper} on ${lower}`}
            className="ml-2.5 border-l-2 border-dotted border-quiet py-1 pl-2.5"
        >
            {apart && <span className="block truncate text-xs text-quiet">on {lower}</span>}
            <span className="flex flex-wrap items-center gap-1.5">
                <Choice
                    label={`How ${upper} meets ${lower}`}
                    className="w-22 text-xs"
                    wide
                    value={joint.wanted}
                    options={kinds}
                    by={(kind) => kind}
                    show={(kind) => (
                        <span>
                            <b>{kind}</b> <span className="text-xs text-quiet">{notes[kind]}</span>
                        </span>
                    )}
                    showChosen={(kind) => kind}
                    onChange={(kind) => set({ kind })}
                />
                {joint.wanted !== 'butted' && (
                    <LengthField
                        label={`${joint.wanted === 'gap' ? 'Gap' : 'Trap'} between ${upper} and ${lower}`}
                        note={joint.wanted === 'gap' ? 'gap' : 'trap'}
                        atRight
                        unit={design.unit}
                        least={0}
                        value={joint.width}
                        onChange={(width) => set({ width })}
                    />
                )}
            </span>
            <span className="mt-0.5 block text-xs">
                {joint.kind === 'gap' ? (
                    <span className="text-quiet">the blank shows between them</span>
                ) : (
                    <Safe distance={joint.safe} unit={design.unit} />
                )}
            </span>
            {joint.reason && <p className="mt-0.5 text-xs text-marigold-deep">{joint.reason}</p>}
        </div>
    );
}
