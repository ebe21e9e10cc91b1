import { Button } from '../../ui/Button';
import { Header } from '../../ui/Header';
import { IconButton } from '../../ui/IconButton';
import { UnitChoice } from '../../ui/UnitChoice';
import { edit } from '../model/edits';
import { useBench, useBenchStore } from '../state/store';
import { DesignTitle } from './DesignTitle';
import { SavedNote } from './SavedNote';

/** The Bench's header: design, undo and redo, saved note, proof, keys and unit. */
export function BenchHeader() {
    const id = useBench((bench) => bench.id);
    const canUndo = useBench((bench) => bench.canUndo);
    const canRedo = useBench((bench) => bench.canRedo);
    const unit = useBench((bench) => bench.design.unit);
    const keyed = useBench((bench) => bench.keyed);
    const approval = useBench((bench) => bench.approval);
    const { undo, redo, look, change } = useBenchStore().getState();
    return (
        <Header>
            <DesignTitle />
            <span className="flex items-center">
                <IconButton name="Undo" onClick={undo} disabled={!canUndo}>
                    <path d="M6 3L2.5 6.5L6 10M3 6.5h6.5a4 4 0 0 1 0 8H7" />
                </IconButton>
                <IconButton name="Redo" onClick={redo} disabled={!canRedo}>
                    <path d="M10 3l3.5 3.5L10 10M13 6.5H6.5a4 4 0 0 0 0 8H9" />
                </IconButton>
                <IconButton name="History" onClick={() => look({ asked: 'history' })}>
                    <path d="M8 4v4.5l3 2M2.5 8a5.5 5.5 0 1 1 1.6 3.9M2.5 8L1 6m1.5 2L4.5 6.5" />
                </IconButton>
            </span>
            <SavedNote />
            <div className="ml-auto flex shrink-0 items-center gap-2">
                <Button look="dark" onClick={() => look({ asked: 'proof' })}>
                    Proof
                    {approval && (
                        <span className="ml-1.5 text-lamp">
                            {approval.current ? '· approved' : '· changed since approval'}
                        </span>
                    )}
                </Button>
                <a
                    className="rounded-[3px] border border-white/30 px-2.5 py-1 whitespace-nowrap hover:border-white/70 focus-visible:outline-lamp"
                    href={`/api/designs/${id}/press-card.pdf`}
                    target="_blank"
                    rel="noreferrer"
                >
                    Press card
                </a>
                <Button
                    look="dark"
                    aria-label="Keys"
                    title="Keys"
                    disabled={!keyed}
                    onClick={() => look({ asked: 'keys' })}
                >
                    ?
                </Button>
                <UnitChoice
                    label="Unit of this design"
                    dark
                    value={unit}
                    onChange={(next) => change(edit((design) => (design.unit = next)))}
                />
            </div>
        </Header>
    );
}
