import { closestCenter, DndContext, PointerSensor, useSensor, useSensors, type Announcements } from '@dnd-kit/core';
import { restrictToVerticalAxis } from '@dnd-kit/modifiers';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { useLayoutEffect } from 'react';
import type { Order, RowElements } from './order';

interface Props extends Order {
    elements: ReadonlyMap<string, RowElements>;
}

/** Drag and drop for a list's rows by their grips; the rows are rendered elsewhere. */
export function Dragging({ ids, move, nameOf, elements }: Props) {
    const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 3 } }));
    const place = (id: string | number) => `place ${ids.indexOf(String(id)) + 1} of ${ids.length}`;
    const announcements: Announcements = {
        onDragStart: ({ active }) => `${nameOf(String(active.id))} is taken, ${place(active.id)}.`,
        onDragOver: ({ active, over }) => (over ? `${nameOf(String(active.id))} goes to ${place(over.id)}.` : ''),
        onDragEnd: ({ active, over }) => `${nameOf(String(active.id))} is put at ${place((over ?? active).id)}.`,
        onDragCancel: ({ active }) => `${nameOf(String(active.id))} stays where it was.`,
    };
    return (
        <DndContext
            sensors={sensors}
            collisionDetection={closestCenter}
            modifiers={[restrictToVerticalAxis]}
            accessibility={{
                announcements,
                screenReaderInstructions: { draggable: 'Press an arrow key to move it by one place.' },
            }}
            onDragEnd={({ active, over }) => {
                if (over && over.id !== active.id) {
                    move(String(active.id), ids.indexOf(String(over.id)));
                }
            }}
        >
            <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
                {ids.map((id) => (
                    <Dragged key={id} id={id} elements={elements} />
                ))}
            </SortableContext>
        </DndContext>
    );
}

/** Moves the dragged row. */
function Dragged({ id, elements }: { id: string; elements: Props['elements'] }) {
    const { setNodeRef, setActivatorNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({
        id,
    });
    const described = attributes['aria-describedby'];
    const pressed = listeners?.onPointerDown;
    const moved = CSS.Translate.toString(transform) ?? '';
    useLayoutEffect(() => {
        const { row, grip } = elements.get(id) ?? { row: null, grip: null };
        setNodeRef(row);
        setActivatorNodeRef(grip);
        grip?.setAttribute('aria-describedby', described);
        // The library expects the native event inside a React event.
        const press = (nativeEvent: PointerEvent) => {
            pressed?.({ nativeEvent });
        };
        grip?.addEventListener('pointerdown', press);
        return () => grip?.removeEventListener('pointerdown', press);
    });
    useLayoutEffect(() => {
        const row = elements.get(id)?.row;
        if (row) {
            row.style.transform = moved;
            row.style.transition = transition ?? '';
            row.style.zIndex = isDragging ? '10' : '';
            row.style.opacity = isDragging ? '0.8' : '';
        }
    });
    return null;
}
