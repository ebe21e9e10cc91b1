import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import type { FormKind } from '../api/client';
import { formKinds, formNames } from './forms';

interface Props {
    onLine: () => void;
    onForm: (kind: FormKind) => void;
}

const look =
    'flex-1 rounded-[3px] border border-dashed border-seam py-1.5 text-center font-semibold text-indigo hover:border-indigo';

/** What can be put on the blank. */
export function AddCards({ onLine, onForm }: Props) {
    return (
        <div className="flex shrink-0 gap-2">
            <button className={look} onClick={onLine}>
                Add a line
            </button>
            <Menu>
                <MenuButton className={look}>Add a form</MenuButton>
                <MenuItems
                    modal={false}
                    anchor={{ to: 'bottom end', gap: 4, padding: 8 }}
                    className="card z-20 w-40 py-1 outline-none"
                >
                    {formKinds.map((kind) => (
                        <MenuItem key={kind}>
                            <button
                                className="block w-full px-3 py-1 text-left data-focus:bg-tape"
                                onClick={() => onForm(kind)}
                            >
                                {formNames[kind]}
                            </button>
                        </MenuItem>
                    ))}
                </MenuItems>
            </Menu>
        </div>
    );
}
