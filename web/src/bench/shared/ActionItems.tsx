import { MenuItem, MenuItems } from '@headlessui/react';
import { useBenchStore } from '../state/store';
import { actionsOf } from './actions';

interface Props {
    /** Their card; null for the blank. */
    card: string | null;
    at: 'bottom start' | 'bottom end';
}

/** Actions of an open menu. */
export function ActionItems({ card, at }: Props) {
    const store = useBenchStore();
    return (
        <MenuItems
            modal={false}
            anchor={{ to: at, gap: 4, padding: 8 }}
            className="card z-20 min-w-40 py-1 outline-none"
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
    );
}
