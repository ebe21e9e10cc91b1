import { useQuery } from '@tanstack/react-query';
import { answer, server, type SizedDesign } from '../../api/client';
import { showRound } from '../../measure';
import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';
import { cardsOf } from '../model/edits';
import { useBench } from '../state/store';
import { SizeRow } from './SizeRow';

/** Maximum height of a picture and total width of all, in pixels. */
const HIGHEST = 210;
const BROADEST = 830;

/** The design on all sizes of its blank at one scale, with each card's rule. */
export function SizesDialog({ onClose }: { onClose: () => void }) {
    const id = useBench((bench) => bench.id);
    const version = useBench((bench) => bench.version);
    const saved = useBench((bench) => bench.saving.state === 'saved');
    const design = useBench((bench) => bench.design);
    const sizes = useQuery({
        queryKey: ['sizes', id, version],
        queryFn: () => answer(server.GET('/api/designs/{id}/sizes', { params: { path: { id } } })),
        enabled: saved,
        placeholderData: (before) => before,
    });
    const list = sizes.data ?? [];
    const cards = cardsOf(design);
    return (
        <Modal open title={`${design.blank.name}: on all its sizes`} onClose={onClose} widest>
            {sizes.isError && <p role="alert">The sizes can’t be fetched now. Close this and try again.</p>}
            <ul className="flex items-end justify-center gap-4 overflow-x-auto pb-2" aria-label="Sizes">
                {list.map((one) => (
                    <Picture key={one.size} one={one} all={list} unit={design.unit} />
                ))}
            </ul>
            <div className="mt-2 max-h-60 overflow-auto">
                <table className="w-full text-left text-sm">
                    <thead className="sticky top-0 bg-paper">
                        <tr className="text-xs text-quiet">
                            <th className="py-1 font-normal">Card</th>
                            <th className="font-normal">On other sizes</th>
                            {list.map(({ size, own }) => (
                                <th key={size} className={`w-20 pl-1 ${own ? 'text-ink' : 'font-normal'}`}>
                                    {size}
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {cards.map((card) => (
                            <SizeRow key={card.id} card={card} sizes={list} unit={design.unit} />
                        ))}
                    </tbody>
                </table>
            </div>
            <p className="mt-2 text-xs text-quiet">
                Grow: with the width of the area. Outlines, clearances and traps stay as they are on every size. People
                get the design on the size in their row of the list.
            </p>
            <Button className="mt-3" onClick={onClose}>
                Close
            </Button>
        </Modal>
    );
}

function Picture({ one, all, unit }: { one: SizedDesign; all: readonly SizedDesign[]; unit: 'mm' | 'in' }) {
    const highest = Math.max(1, ...all.map(({ height }) => height));
    const broadest = Math.max(
        1,
        all.reduce((sum, { width }) => sum + width, 0),
    );
    const scale = Math.min(HIGHEST / highest, BROADEST / broadest);
    return (
        <li className="shrink-0 text-center">
            <img
                src={`data:image/svg+xml,${encodeURIComponent(one.picture)}`}
                alt={`On size ${one.size}`}
                style={{ width: one.width * scale, height: one.height * scale }}
            />
            <p className="mt-1 text-sm">
                <b>{one.size}</b>
                {one.own && <span className="text-quiet"> · made on this</span>}
            </p>
            <p
                className={`text-xs ${one.spare !== null && one.spare < 0 ? 'font-semibold text-madder' : 'text-quiet'}`}
            >
                {!one.placed
                    ? 'no such placement'
                    : one.spare === null
                      ? 'nothing on it'
                      : one.spare < 0
                        ? `${showRound(-one.spare, unit)} ${unit} too large`
                        : `${showRound(one.spare, unit)} ${unit} to spare`}
            </p>
        </li>
    );
}
