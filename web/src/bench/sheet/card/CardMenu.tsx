import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import type { Card } from '../../model/edits';
import { actionsOf } from '../../shared/actions';
import { useBenchStore } from '../../state/store';

/** What can be done to the open card as a whole; outside its fields, so that a locked one can be unlocked. */
export function CardMenu({ card }: { card: Card }) {
    const store = useBenchStore();
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
            <MenuItems
                modal={false}
                anchor={{ to: 'bottom end', gap: 4, padding: 8 }}
                className="card z-20 min-w-40 py-1 outline-none"
            >
                {actionsOf(store, card.id).map(({ name, act, away }) => (
                    <MenuItem key={name}>
                        <button
                            className={`block w-full px-3 py-1 text-left data-focus:bg-tape ${away ? 'text-madder' : ''}`}
                            onClick={act}
                        >
                            {name}
                        </button>
                    </MenuItem>
                ))}
            </MenuItems>
        </Menu>
    );
}
