import {
    createContext,
    lazy,
    Suspense,
    useCallback,
    useContext,
    useState,
    type KeyboardEvent,
    type ReactNode,
} from 'react';
import { useBench, useBenchStore } from '../state/store';
import type { Order, RowElements } from './order';

const Dragging = lazy(() => import('./Dragging').then(({ Dragging }) => ({ default: Dragging })));

interface Sorting extends Order {
    elements: Map<string, RowElements>;
}

const OrderContext = createContext<Sorting>({ ids: [], move: () => {}, nameOf: (id) => id, elements: new Map() });

/**
 * Cards that are taken by their grips and put elsewhere in their order, by pointer, finger or keys; each step is told to screen readers.
 * What drags them is loaded right after the Bench is drawn.
 */
export function Sortable({ ids, move, nameOf, children }: Order & { children: ReactNode }) {
    const keyed = useBench((bench) => bench.keyed);
    const { look } = useBenchStore().getState();
    const [elements] = useState(() => new Map<string, RowElements>());
    const moveAndTell = (id: string, to: number) => {
        if (to >= 0 && to < ids.length) {
            move(id, to);
            look({ said: `${nameOf(id)} is put at place ${to + 1} of ${ids.length}.` });
        }
    };
    return (
        <OrderContext value={{ ids, move: moveAndTell, nameOf, elements }}>
            {children}
            {keyed && (
                <Suspense>
                    <Dragging ids={ids} move={move} nameOf={nameOf} elements={elements} />
                </Suspense>
            )}
        </OrderContext>
    );
}

/** Props that make a card sortable, and those of its grip. */
export function useGrip(id: string) {
    const { ids, move, elements } = useContext(OrderContext);
    const attach = useCallback(
        (part: keyof RowElements) => (element: HTMLElement | null) => {
            elements.set(id, { row: null, grip: null, ...elements.get(id), [part]: element });
        },
        [elements, id],
    );
    return {
        attach: attach('row'),
        grip: {
            attach: attach('grip'),
            onKeyDown: (event: KeyboardEvent) => {
                const step = { ArrowUp: -1, ArrowDown: 1 }[event.key];
                if (step !== undefined) {
                    event.preventDefault();
                    event.stopPropagation();
                    move(id, ids.indexOf(id) + step);
                }
            },
        },
    };
}

interface GripProps {
    name: string;
    attach: (element: HTMLElement | null) => void;
    onKeyDown: (event: KeyboardEvent) => void;
}

/** A card's grip, at its left. */
export function Grip({ name, attach, onKeyDown }: GripProps) {
    return (
        <button
            ref={attach}
            aria-label={name}
            title="Drag to reorder"
            className="absolute inset-y-0 left-0 w-4 cursor-grab touch-none rounded-[3px] focus-visible:-outline-offset-2"
            onKeyDown={onKeyDown}
        >
            <svg aria-hidden viewBox="0 0 8 24" className="mx-auto h-6 w-2 fill-quiet opacity-60">
                {[4, 12, 20].map((y) => (
                    <path key={y} d={`M1 ${y}h6v1.4h-6z`} />
                ))}
            </svg>
        </button>
    );
}
