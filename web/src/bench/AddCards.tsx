import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import type { FormKind } from '../api/client';
import { AddMotif } from './AddMotif';
import { formKinds, formNames } from './forms';
import type { Draft } from './useDesign';

interface Props {
    onLine: () => void;
    onForm: (kind: FormKind) => void;
    draft: Draft;
    onChoose: (card: string) => void;
}

const look =
    'flex-1 rounded-[3px] border border-dashed border-seam py-1.5 text-center font-semibold text-indigo hover:border-indigo';

/** What can be put on the blank. */
export function AddCards({ onLine, onForm, draft, onChoose }: Props) {
    return (
        <div role="group" aria-label="Add" className="flex shrink-0 gap-2">
            <button aria-label="Add a line" className={look} onClick={onLine}>
                Line
            </button>
            <Menu>
                <MenuButton aria-label="Add a form" className={look}>
                    Form
                </MenuButton>
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
            <AddMotif draft={draft} className={look} onChoose={onChoose} />
        </div>
    );
}
