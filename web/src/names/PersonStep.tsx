import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import type { PersonRow } from '../api/client';
import type { PeopleAtWork } from './usePeopleAtWork';

interface Props {
    person: PersonRow;
    name: string;
    work: PeopleAtWork;
}

const steps = ['to cut', 'cut', 'weeded', 'pressed'] as const;

const tones = { 'to cut': 'text-quiet', cut: '', weeded: 'text-indigo', pressed: 'text-sage-deep' };

/** How far a person's pieces are; set by hand, or sent back to be cut again. */
export function PersonStep({ person, name, work }: Props) {
    return (
        <Menu>
            <MenuButton
                aria-label={`${name}: ${person.state}`}
                className={`w-full truncate rounded-[3px] px-1 text-left text-xs font-semibold hover:bg-tape ${tones[person.state]}`}
            >
                {person.state}
            </MenuButton>
            <MenuItems
                anchor={{ to: 'bottom end', gap: 2, padding: 8 }}
                className="card z-20 w-48 py-1 text-sm outline-none"
            >
                {steps.map((step) => (
                    <MenuItem key={step} disabled={step === person.state}>
                        <button
                            className="block w-full px-3 py-1 text-left data-disabled:text-quiet data-focus:bg-tape"
                            onClick={() => work.mark([person.id], step)}
                        >
                            {step === person.state ? `✓ ${step}` : `Mark ${step}`}
                        </button>
                    </MenuItem>
                ))}
                <MenuItem>
                    <button
                        className="stitch mt-1 block w-full px-3 pt-1.5 pb-1 text-left font-semibold text-indigo data-focus:bg-tape"
                        onClick={() => work.again([person.id])}
                    >
                        Cut again
                    </button>
                </MenuItem>
            </MenuItems>
        </Menu>
    );
}
