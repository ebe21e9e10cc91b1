import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import type { FormKind } from '../../api/client';
import { freeId, withNewForm } from '../model/edits';
import { formKinds, formNames } from '../model/forms';
import { addLine } from '../shared/actions';
import { useRack } from '../shared/FilmChoice';
import { openCard } from '../state/select';
import { useBench, useBenchStore } from '../state/store';
import { AddMotif } from './AddMotif';

const look =
    'flex-auto whitespace-nowrap rounded-[3px] border border-dashed border-seam py-1 text-center font-semibold text-indigo hover:border-indigo';

/** What can be put on the blank. */
export function AddCards() {
    const store = useBenchStore();
    const rack = useRack();
    const shape = useBench((bench) => {
        const id = openCard(bench);
        return [...bench.design.forms, ...bench.design.motifs].some((card) => card.id === id) ? id : null;
    });
    const addForm = (kind: FormKind) => {
        const { design, sheet, change, choose } = store.getState();
        const id = freeId(design, 'form');
        change(withNewForm(id, kind, rack, sheet.parts));
        choose(id);
    };
    return (
        <div role="group" aria-label="Add" className="flex shrink-0 gap-2">
            <button aria-label="Add a line" className={look} onClick={() => addLine(store, rack)}>
                Line
            </button>
            {shape && (
                <button
                    className={look}
                    onClick={() =>
                        void import('../shared/whole').then(({ addLineAround }) => addLineAround(store, shape, rack))
                    }
                >
                    Line round it
                </button>
            )}
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
                                onClick={() => addForm(kind)}
                            >
                                {formNames[kind]}
                            </button>
                        </MenuItem>
                    ))}
                </MenuItems>
            </Menu>
            <AddMotif className={look} />
        </div>
    );
}
