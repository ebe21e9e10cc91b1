import { closestCenter, DndContext, PointerSensor, useSensor, useSensors, type Announcements } from '@dnd-kit/core';
import { restrictToVerticalAxis } from '@dnd-kit/modifiers';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { createContext, useContext, type CSSProperties, type KeyboardEvent, type ReactNode } from 'react';
import { useBenchStore } from '../state/store';

interface Order {
    ids: readonly string[];
    move: (id: string, to: number) => void;
}

const OrderContext = createContext<Order>({ ids: [], move: () => {} });

interface Props extends Order {
    /** What they are called when they are announced. */
    nameOf: (id: string) => string;
    children: ReactNode;
}

/** Cards that are taken by their grips and put elsewhere in their order, by pointer, finger or keys; each step is told to screen readers. */
export function Sortable({ ids, move, nameOf, children }: Props) {
    const { look } = useBenchStore().getState();
    const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 3 } }));
    const place = (id: string | number) => `place ${ids.indexOf(String(id)) + 1} of ${ids.length}`;
    const announcements: Announcements = {
        onDragStart: ({ active }) => `${nameOf(String(active.id))} is taken, ${place(active.id)}.`,
        onDragOver: ({ active, over }) => (over ? `${nameOf(String(active.id))} goes to ${place(over.id)}.` : ''),
        onDragEnd: ({ active, over }) => `${nameOf(String(active.id))} is put at ${place((over ?? active).id)}.`,
        onDragCancel: ({ active }) => `${nameOf(String(active.id))} stays where it was.`,
    };
    const moveAndTell = (id: string, to: number) => {
        if (to >= 0 && to < ids.length) {
            move(id, to);
            look({ said: `${nameOf(id)} is put at place ${to + 1} of ${ids.length}.` });
        }
    };
    return (
        <DndContext
            sensors={sensors}
            collisionDetection={closestCenter}
            modifiers={[restrictToVerticalAxis]}
            accessibility={{
                announcements,
                screenReaderInstructions: {
                    draggable: 'Press an arrow key to move it by one place.',
                },
            }}
            onDragEnd={({ active, over }) => {
                if (over && over.id !== active.id) {
                    move(String(active.id), ids.indexOf(String(over.id)));
                }
            }}
        >
            <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
                <OrderContext value={{ ids, move: moveAndTell }}>{children}</OrderContext>
            </SortableContext>
        </DndContext>
    );
}

/** What makes a card one of a sortable order, and what its grip needs. */
export function useGrip(id: string) {
    const { ids, move } = useContext(OrderContext);
    const { setNodeRef, setActivatorNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({
        id,
    });
    const style: CSSProperties = {
        transform: CSS.Translate.toString(transform),
        ...(transition !== undefined && { transition }),
    };
    return {
        attach: setNodeRef,
        style,
        dragged: isDragging,
        grip: {
            attach: setActivatorNodeRef,
            described: attributes['aria-describedby'],
            listeners: {
                ...listeners,
                onKeyDown: (event: KeyboardEvent) => {
                    const step = { ArrowUp: -1, ArrowDown: 1 }[event.key];
                    if (step !== undefined && !isDragging) {
                        event.preventDefault();
                        event.stopPropagation();
                        move(id, ids.indexOf(id) + step);
                    }
                },
            },
        },
    };
}

interface GripProps {
    name: string;
    attach: (element: HTMLElement | null) => void;
    described: string;
    listeners: object;
}

/** The marks at the left of a card by which it is taken. */
export function Grip({ name, attach, described, listeners }: GripProps) {
    return (
        <button
            ref={attach}
            aria-label={name}
            aria-describedby={described}
            title="Drag to another place in the order"
            className="absolute inset-y-0 left-0 w-4 cursor-grab touch-none rounded-[3px] focus-visible:-outline-offset-2"
            {...listeners}
        >
            <svg aria-hidden viewBox="0 0 8 24" className="mx-auto h-6 w-2 fill-quiet opacity-60">
                {[4, 12, 20].map((y) => (
                    <path key={y} d={`M1 ${y}h6v1.4h-6z`} />
                ))}
            </svg>
        </button>
    );
}
