import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { useEffect, useRef } from 'react';
import { actionsOf } from '../shared/actions';
import { useBenchStore } from '../state/store';

/** A menu where the pointer is. */
export function OpenMenu({ x, y, card }: { x: number; y: number; card: string | null }) {
    const store = useBenchStore();
    const button = useRef<HTMLButtonElement>(null);
    useEffect(() => button.current?.click(), []);
    return (
        <Menu>
            {({ open }) => (
                <>
                    <MenuButton
                        ref={button}
                        aria-label="What can be done here"
                        tabIndex={-1}
                        className="absolute size-px opacity-0"
                        style={{ left: x, top: y }}
                    />
                    <MenuItems
                        modal={false}
                        anchor={{ to: 'bottom start', gap: 2, padding: 8 }}
                        className="card z-20 min-w-44 py-1 outline-none"
                    >
                        {actionsOf(store, card).map(({ name, act, away }) => (
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
                    <Closed open={open} onClose={() => store.getState().look({ menu: null })} />
                </>
            )}
        </Menu>
    );
}

/** Forgets the menu once it was closed. */
function Closed({ open, onClose }: { open: boolean; onClose: () => void }) {
    const was = useRef(false);
    useEffect(() => {
        if (was.current && !open) {
            onClose();
        }
        was.current = open;
    }, [open, onClose]);
    return null;
}
