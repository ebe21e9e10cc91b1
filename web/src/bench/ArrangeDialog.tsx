import { useState } from 'react';
import { Modal } from '../ui/Modal';
import { freeGroup, withAligned, withGroup, withSpaced, type Edge } from './arrange';
import { cardName } from './edits';
import type { Draft } from './useDesign';

interface Props {
    draft: Draft;
    open: boolean;
    onClose: () => void;
}

const edges: readonly { edge: Edge; show: string }[] = [
    { edge: 'left', show: 'Left' },
    { edge: 'centre', show: 'Centre' },
    { edge: 'right', show: 'Right' },
    { edge: 'top', show: 'Top' },
    { edge: 'middle', show: 'Middle' },
    { edge: 'bottom', show: 'Bottom' },
];

/** Lines cards up and spaces them by their ink; what is kept together is moved as one. */
export function ArrangeDialog({ draft, open, onClose }: Props) {
    const { design, sheet, change } = draft;
    const [chosen, setChosen] = useState<readonly string[]>([]);
    const cards = [...design.lines, ...design.forms, ...design.motifs];
    const there = chosen.filter((id) => cards.some((card) => card.id === id));
    const button = (show: string, act: () => void, least = 1) => (
        <button
            key={show}
            disabled={there.length < least}
            className="rounded-[3px] border border-seam bg-white px-2.5 py-1 font-semibold text-indigo hover:border-indigo disabled:opacity-40"
            onClick={act}
        >
            {show}
        </button>
    );
    return (
        <Modal title="Arrange" open={open} onClose={onClose}>
            <fieldset className="grid max-h-64 gap-1 overflow-y-auto">
                <legend className="mb-1 text-xs text-quiet">Which cards</legend>
                {cards.map((card) => (
                    <label key={card.id} className="flex items-center gap-2">
                        <input
                            type="checkbox"
                            className="accent-indigo"
                            checked={there.includes(card.id)}
                            onChange={(event) =>
                                setChosen(
                                    event.target.checked
                                        ? [...there, card.id]
                                        : there.filter((other) => other !== card.id),
                                )
                            }
                        />
                        <span className="truncate">{cardName(design, card.id)}</span>
                        {card.treatments.group && <span className="text-xs text-quiet">{card.treatments.group}</span>}
                    </label>
                ))}
            </fieldset>
            <p className="stitch mt-3 pt-2 text-xs text-quiet">
                By their ink, to each other; one alone, to the area. What is kept together moves as one.
            </p>
            <div className="mt-1.5 flex flex-wrap gap-1.5">
                {edges.map(({ edge, show }) => button(show, () => change(withAligned(there, edge, sheet))))}
            </div>
            <div className="mt-2 flex flex-wrap gap-1.5">
                {button('Space evenly across', () => change(withSpaced(there, 'across', sheet)), 3)}
                {button('Space evenly down', () => change(withSpaced(there, 'down', sheet)), 3)}
            </div>
            <div className="mt-2 flex flex-wrap gap-1.5">
                {button('Keep together', () => change(withGroup(there, freeGroup(design))), 2)}
                {button('Let go', () => change(withGroup(there, '')))}
            </div>
        </Modal>
    );
}
