import { Menu, MenuButton } from '@headlessui/react';
import { useEffect, useRef } from 'react';
import { ActionItems } from '../shared/ActionItems';
import { useBenchStore } from '../state/store';

/** A menu at the pointer. */
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
                        aria-label="Actions"
                        tabIndex={-1}
                        className="absolute size-px opacity-0"
                        style={{ left: x, top: y }}
                    />
                    <ActionItems card={card} at="bottom start" />
                    <Closed open={open} onClose={() => store.getState().look({ menu: null })} />
                </>
            )}
        </Menu>
    );
}

/** Clears the menu after closing. */
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
