import { useShallow } from 'zustand/react/shallow';
import { Swatch } from '../../../ui/Swatch';
import { cardName } from '../../model/edits';
import { bottomUp, withDepth } from '../../model/edits/depths';
import { Grip, Sortable, useGrip } from '../../shared/Sortable';
import { partOf } from '../../state/select';
import { useBench, useBenchStore } from '../../state/store';

/** Stacking order: all cards, top first, sortable by their grips. */
export function DepthList() {
    const ids = useBench(
        useShallow(({ design }) =>
            bottomUp(design)
                .map(({ id }) => rowId(id))
                .reverse(),
        ),
    );
    const store = useBenchStore();
    const move = (row: string, to: number) => {
        const others = ids.filter((other) => other !== row);
        const [upper, lower] = [others[to - 1], others[to]];
        if (lower !== undefined) {
            store.getState().change(withDepth(cardId(row), 'above', cardId(lower)));
        } else if (upper !== undefined) {
            store.getState().change(withDepth(cardId(row), 'beneath', cardId(upper)));
        }
    };
    return (
        <ol aria-label="Stacking order, top card first" className="card mt-0.5 grid shrink-0 gap-px p-1">
            <Sortable ids={ids} move={move} nameOf={(row) => cardName(store.getState().design, cardId(row))}>
                {ids.map((row) => (
                    <DepthRow key={row} row={row} />
                ))}
            </Sortable>
        </ol>
    );
}

/** The cards' own grips use other ids. */
const rowId = (card: string) => `depth:${card}`;
const cardId = (row: string) => row.replace(/^depth:/, '');

function DepthRow({ row }: { row: string }) {
    const id = cardId(row);
    const name = useBench(({ design }) => cardName(design, id));
    const colour = useBench((bench) => bench.design.films.find((film) => film.id === partOf(bench, id)?.film)?.colour);
    const chosen = useBench((bench) => bench.chosen.includes(id));
    const { choose } = useBenchStore().getState();
    const { attach, grip } = useGrip(row);
    return (
        <li ref={attach} className="relative">
            <Grip name={`Depth of ${name}: drag it, or press the arrow keys`} {...grip} />
            <button
                aria-pressed={chosen}
                className={`flex w-full items-center gap-1.5 rounded-[3px] py-1 pr-1.5 pl-5 text-left hover:bg-tape ${chosen ? 'bg-tape font-semibold' : ''}`}
                onClick={() => choose(id)}
            >
                <Swatch colour={colour ?? 'white'} />
                <span className="truncate" title={name}>
                    {name}
                </span>
            </button>
        </li>
    );
}
