import { useQuery } from '@tanstack/react-query';
import { fonts } from '../api/queries';
import { BlankCard } from './BlankCard';
import { freeId, withNewLine } from './edits';
import { LineCard } from './LineCard';
import { SnagList } from './SnagList';
import type { Draft } from './useDesign';

interface Props {
    draft: Draft;
    chosen: string | null;
    onChoose: (line: string | null) => void;
}

/** The ordered cards of the design: the blank first, then the lines. */
export function BuildSheet({ draft, chosen, onChoose }: Props) {
    const { design, sheet, change } = draft;
    const typeCase = useQuery(fonts).data ?? [];
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
                    />
                ))}
                {design.lines.length === 0 && (
                    <p className="px-1 text-quiet">Nothing is on the blank yet. Add a line and type the words.</p>
                )}
                <button
                    className="rounded-[3px] border border-dashed border-seam py-1.5 font-semibold text-indigo hover:border-indigo"
                    onClick={() => {
                        const id = freeId(design);
                        change(withNewLine(id));
                        onChoose(id);
                    }}
                >
                    Add a line
                </button>
            </div>
            <SnagList snags={sheet.snags} onChoose={onChoose} />
        </section>
    );
}
