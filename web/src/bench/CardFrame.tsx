import { useEffect, useRef, type ReactNode } from 'react';
import { dropMark, type Reorder } from './useReorder';

interface Props {
    id: string;
    /** As it is announced, like “Form: circle”. */
    label: string;
    name: string;
    open: boolean;
    onOpen: () => void;
    locked: boolean;
    reorder: Reorder;
    head: ReactNode;
    /** All settings, of the open card. */
    children: ReactNode;
    /** At the foot: what can be done to the open card, or the settings of a closed one in a few words. */
    foot: ReactNode;
}

/** What all cards of the build sheet have: a grip to put them elsewhere in the order, a head, and a body that opens. */
export function CardFrame({ id, label, name, open, onOpen, locked, reorder, head, children, foot }: Props) {
    const card = useRef<HTMLElement>(null);
    useEffect(() => {
        if (open) {
            card.current?.scrollIntoView({ block: 'nearest' });
        }
    }, [open]);
    return (
        <section
            ref={card}
            aria-label={label}
            className={`card relative shrink-0 py-2 pr-2.5 pl-5 ${open ? 'border-marigold! shadow-[inset_3px_0_0_var(--color-marigold)]' : 'hover:border-quiet'} ${reorder.moving?.id === id ? 'opacity-60' : ''} ${dropMark(reorder, id)}`}
            onPointerDown={open ? undefined : onOpen}
            {...reorder.card(id)}
        >
            <button
                aria-label={`Place of ${name} in the order: drag it, or press the arrow keys`}
                title="Drag to another place in the order"
                className="absolute inset-y-0 left-0 w-5 cursor-grab touch-none rounded-[3px] focus-visible:-outline-offset-2"
                {...reorder.grip(id)}
            >
                <svg aria-hidden viewBox="0 0 8 24" className="mx-auto h-6 w-2 fill-quiet opacity-60">
                    {[4, 12, 20].map((y) => (
                        <path key={y} d={`M1 ${y}h6v1.4h-6z`} />
                    ))}
                </svg>
            </button>
            <fieldset disabled={locked} className="min-w-0">
                {head}
                {open && (
                    <div className="mt-2 grid grid-cols-[52px_minmax(0,1fr)] items-center gap-x-2 gap-y-1.5">
                        {children}
                    </div>
                )}
            </fieldset>
            {foot}
        </section>
    );
}
