import { Menu, MenuButton } from '@headlessui/react';
import type { Card } from '../../model/edits';
import { ActionItems } from '../../shared/ActionItems';

/** Actions for the open card; outside its fields, so that a locked card can be unlocked. */
export function CardMenu({ card }: { card: Card }) {
    return (
        <Menu>
            <MenuButton
                aria-label="More for this card"
                title="Duplicate, hide, lock, remove"
                className="absolute top-2.5 right-2 rounded-[3px] px-1.5 py-1 hover:bg-tape"
            >
                <svg aria-hidden viewBox="0 0 16 4" className="w-4 fill-ink">
                    <path d="M1 1h2v2H1zM7 1h2v2H7zM13 1h2v2h-2z" />
                </svg>
            </MenuButton>
            <ActionItems card={card.id} at="bottom end" />
        </Menu>
    );
}
