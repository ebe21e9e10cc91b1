import { useQuery } from '@tanstack/react-query';
import type { SheetSnag } from '../api/client';
import { fonts } from '../api/queries';
import { BlankCard } from './BlankCard';
import { freeId, withNewLine, withOrder } from './edits';
import { LineCard } from './LineCard';
import { SnagList } from './SnagList';
import { useReorder } from './useReorder';
import type { Draft } from './useDesign';

interface Props {
    draft: Draft;
    snags: readonly SheetSnag[];
    chosen: string | null;
    onChoose: (line: string | null) => void;
    snag: SheetSnag | null;
    onSnag: (snag: SheetSnag) => void;
    letter: number | null;
    onLetter: (at: number | null) => void;
}

/** The ordered cards of the design: the blank first, then the lines. */
export function BuildSheet({ draft, snags, chosen, onChoose, snag, onSnag, letter, onLetter }: Props) {
    const { design, sheet, change } = draft;
    const typeCase = useQuery(fonts).data ?? [];
    const reorder = useReorder(
        design.lines.map((line) => line.id),
        (id, to) => change(withOrder(id, to)),
    );
    return (
        <section aria-label="Build sheet" className="flex min-h-0 flex-col border-r border-seam">
            <div className="flex min-h-0 flex-1 flex-col gap-2 overflow-y-auto p-3">
                <h2 className="heading">Build sheet</h2>
                <BlankCard draft={draft} />
                {design.lines.map((line) => (
                    <LineCard
                        key={line.id}
                        line={line}
                        part={sheet.parts.find((part) => part.line === line.id)}
                        design={design}
                        typeCase={typeCase}
                        open={line.id === chosen}
                        onOpen={() => onChoose(line.id)}
                        change={change}
                        reorder={reorder}
                        snags={snags}
                        letter={line.id === chosen ? letter : null}
                        onLetter={onLetter}
                    />
                ))}
                {design.lines.length === 0 && (
                    <p className="px-1 text-quiet">Nothing is on the blank yet. Add a line and type the words.</p>
                )}
                <button
                    className="shrink-0 rounded-[3px] border border-dashed border-seam py-1.5 font-semibold text-indigo hover:border-indigo"
                    onClick={() => {
                        const id = freeId(design);
                        change(withNewLine(id));
                        onChoose(id);
                    }}
                >
                    Add a line
                </button>
            </div>
            <SnagList snags={snags} chosen={snag} onChoose={onSnag} />
        </section>
    );
}
