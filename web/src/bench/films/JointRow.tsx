import type { JointKind, SheetJoint } from '../../api/client';
import { Choice } from '../../ui/Choice';
import { LengthField } from '../../ui/LengthField';
import { Swatch } from '../../ui/Swatch';
import { withJoint } from '../model/edits';
import { useBench, useBenchStore } from '../state/store';
import { Safe } from './Safe';

const kinds: readonly JointKind[] = ['trapped', 'lay over', 'butted', 'gap'];

const notes: Record<JointKind, string> = {
    trapped: 'the lower film is punched out, but for the trap',
    'lay over': 'the lower film runs on beneath',
    butted: 'edge to edge',
    gap: 'a line of the blank between',
};

/** The joint of a film with one below it: the thread between two film cards. */
export function JointRow({ joint, apart }: { joint: SheetJoint; apart: boolean }) {
    const films = useBench((bench) => bench.design.films);
    const unit = useBench((bench) => bench.design.unit);
    const { change } = useBenchStore().getState();
    const nameOf = (id: string) => films.find((film) => film.id === id)?.name ?? id;
    const [upper, lower] = [nameOf(joint.upper), nameOf(joint.lower)];
    const colour = films.find((film) => film.id === joint.lower)?.colour ?? 'white';
    const set = (next: { kind?: JointKind; width?: number }) => change(withJoint(joint.lower, joint.upper, next));
    return (
        <div
            role="group"
            aria-label={`${upper} on ${lower}`}
            title={`${upper} on ${lower}`}
            className="ml-1.5 border-l-2 border-dotted border-quiet py-0.5 pl-1.5 text-xs"
        >
            <span className="flex items-center gap-1">
                {apart && (
                    <span title={`on ${lower}`} className="leading-none">
                        <Swatch colour={colour} />
                    </span>
                )}
                <Choice
                    label={`How ${upper} meets ${lower}`}
                    className="w-17 shrink-0 px-1! text-xs"
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
                        atRight
                        slim
                        unit={unit}
                        least={0}
                        value={joint.width}
                        onChange={(width) => set({ width })}
                    />
                )}
                <span className="ml-auto truncate">
                    {joint.kind === 'gap' ? (
                        <span className="text-quiet">blank shows</span>
                    ) : (
                        <Safe distance={joint.safe} unit={unit} />
                    )}
                </span>
            </span>
            {joint.reason && <p className="mt-0.5 text-marigold-deep">{joint.reason}</p>}
        </div>
    );
}
