import { useQuery } from '@tanstack/react-query';
import type { FormKind, SheetFix, SheetSnag } from '../api/client';
import { fonts } from '../api/queries';
import { BlankCard } from './BlankCard';
import { AddCards } from './AddCards';
import { freeId, withKept, withNewForm, withNewLine, withOrder } from './edits';
import { Guard } from '../ui/Guard';
import { FormCard } from './FormCard';
import { MotifCard } from './MotifCard';
import { LineCard } from './LineCard';
import { Tidied, type Shown } from './Tidied';
import type { TakingOut } from './stage/TakeOut';
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
    onFix: (snag: SheetSnag, fix: SheetFix) => void;
    letter: number | null;
    tidied: Shown;
    onTakeOut: (taking: TakingOut) => void;
    onArrange: () => void;
    onTidied: (shown: Shown) => void;
    onLook: (x: number, y: number) => void;
    onLetter: (at: number | null) => void;
}

/** The ordered cards of the design: the blank first, then the lines and the forms. */
export function BuildSheet({
    draft,
    snags,
    chosen,
    onChoose,
    snag,
    onSnag,
    onFix,
    letter,
    onLetter,
    tidied,
    onTidied,
    onLook,
    onTakeOut,
    onArrange,
}: Props) {
    const { design, sheet, change } = draft;
    const typeCase = useQuery(fonts).data ?? [];
    const ids = (cards: readonly { id: string }[]) => cards.map(({ id }) => id);
    const move = (id: string, to: number) => change(withOrder(id, to));
    const lines = useReorder(ids(design.lines), move);
    const forms = useReorder(ids(design.forms), move);
    const motifs = useReorder(ids(design.motifs), move);
    return (
        <section aria-label="Build sheet" className="relative flex min-h-0 flex-col border-r border-seam">
            <div className="flex min-h-0 flex-1 flex-col gap-2 overflow-y-auto p-3">
                <div className="flex items-baseline justify-between">
                    <h2 className="heading">Build sheet</h2>
                    <button className="text-xs font-semibold text-indigo hover:underline" onClick={onArrange}>
                        Arrange
                    </button>
                </div>
                <BlankCard draft={draft} />
                {design.lines.map((line) => (
                    <Guard key={line.id} what="This card" of={line}>
                        <LineCard
                            line={line}
                            sheet={sheet}
                            part={sheet.parts.find((part) => part.card === line.id)}
                            design={design}
                            typeCase={typeCase}
                            open={line.id === chosen}
                            onOpen={() => onChoose(line.id)}
                            change={change}
                            onTakeOut={onTakeOut}
                            reorder={lines}
                            snags={snags}
                            letter={line.id === chosen ? letter : null}
                            onLetter={onLetter}
                        />
                    </Guard>
                ))}
                {design.forms.map((form) => (
                    <Guard key={form.id} what="This card" of={form}>
                        <FormCard
                            form={form}
                            sheet={sheet}
                            design={design}
                            open={form.id === chosen}
                            onOpen={() => onChoose(form.id)}
                            change={change}
                            onTakeOut={onTakeOut}
                            reorder={forms}
                        />
                    </Guard>
                ))}
                {design.motifs.map((motif) => (
                    <Guard key={motif.id} what="This card" of={motif}>
                        <MotifCard
                            motif={motif}
                            design={design}
                            sheet={sheet}
                            open={motif.id === chosen}
                            onOpen={() => onChoose(motif.id)}
                            change={change}
                            onTakeOut={onTakeOut}
                            reorder={motifs}
                        />
                    </Guard>
                ))}
                {design.lines.length === 0 && design.motifs.length === 0 && design.forms.length === 0 && (
                    <p className="px-1 text-quiet">
                        Nothing is on the blank yet. Add a line and type the words, or a form.
                    </p>
                )}
                <AddCards
                    draft={draft}
                    onChoose={onChoose}
                    onLine={() => {
                        const id = freeId(design);
                        change(withNewLine(id));
                        onChoose(id);
                    }}
                    onForm={(kind: FormKind) => {
                        const id = freeId(design, 'form');
                        change(withNewForm(id, kind));
                        onChoose(id);
                    }}
                />
            </div>
            <Tidied
                design={design}
                removals={sheet.removals}
                shown={tidied}
                onShow={onTidied}
                onLook={onLook}
                onKeep={(removal, keep) => change(withKept(removal, keep))}
                onLimits={(next) => change((now) => ({ ...now, clean: { ...now.clean, ...next } }))}
            />
            <SnagList snags={snags} chosen={snag} onChoose={onSnag} onFix={onFix} />
        </section>
    );
}
