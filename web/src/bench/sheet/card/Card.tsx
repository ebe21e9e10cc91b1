import { memo, useEffect, useRef } from 'react';
import type { Card as AnyCard } from '../../model/edits';
import { cardName } from '../../model/edits';
import { kindOf } from '../../model/kinds';
import { Grip, useGrip } from '../../shared/Sortable';
import { cardOf, openCard } from '../../state/select';
import { useBench, useBenchStore } from '../../state/store';
import { CardHead } from './CardHead';
import { CardMenu } from './CardMenu';
import { DrawerStrip } from './DrawerStrip';
import { FilmRow } from './FilmRow';

import { PlaceRow } from './PlaceRow';
import { SizeRow } from './SizeRow';
import { Summary } from './Summary';

/** A card of the build sheet; when open, with its main fields and drawers. */
export const Card = memo(function Card({ id }: { id: string }) {
    const card = useBench((bench) => cardOf(bench.design, id));
    return card && <CardOf card={card} />;
});

function CardOf({ card }: { card: AnyCard }) {
    const { id } = card;
    const open = useBench((bench) => openCard(bench) === id);
    const chosen = useBench((bench) => bench.chosen.includes(id));
    const name = useBench((bench) => cardName(bench.design, id));
    const { choose, toggle } = useBenchStore().getState();
    const section = useRef<HTMLElement | null>(null);
    const { attach, grip } = useGrip(id);
    useEffect(() => {
        if (open) {
            section.current?.scrollIntoView({ block: 'nearest' });
        }
    }, [open]);
    return (
        <section
            ref={(element) => {
                section.current = element;
                attach(element);
            }}
            aria-label={`${kindOf(card)}: ${name}`}
            className={`card relative shrink-0 py-1 pr-2 pl-5 ${chosen ? 'border-marigold! shadow-[inset_3px_0_0_var(--color-marigold)]' : 'hover:border-quiet'}`}
            onMouseDownCapture={(event) => {
                if (event.shiftKey && event.target instanceof Element && !event.target.closest('[data-open]')) {
                    // Adds to the selection without focusing the field under the pointer.
                    event.preventDefault();
                    toggle(id);
                }
            }}
            onClick={(event) => {
                const own = event.target instanceof Element && event.currentTarget.contains(event.target);
                if (own && !open && !event.shiftKey && !(event.target as Element).closest('button, input')) {
                    choose(id);
                }
            }}
        >
            <Grip name={`Place of ${name} in the order: drag it, or press the arrow keys`} {...grip} />
            <fieldset disabled={card.locked} className="min-w-0">
                <CardHead card={card} open={open} name={name} />
                {open && (
                    <div data-open className="grid grid-cols-[minmax(0,1fr)] gap-1.5 pt-1 pb-1">
                        <FilmRow card={card} />
                        <SizeRow card={card} />
                        <PlaceRow card={card} />
                        <DrawerStrip card={card} />
                        <Summary card={card} />
                    </div>
                )}
            </fieldset>
            {open && <CardMenu card={card} />}
        </section>
    );
}
