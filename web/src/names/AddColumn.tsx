import { useState } from 'react';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';
import { TextField } from '../ui/TextField';
import { titleOf } from './people';

interface Props {
    taken: readonly string[];
    /** Those that every list has but that are not shown. */
    hidden: readonly string[];
    onShow: (column: string) => void;
    onAdd: (column: string) => void;
}

/** One of the usual columns, or one of the shop's own naming, like year, seat or role. */
export function AddColumn({ taken, hidden, onShow, onAdd }: Props) {
    const [open, setOpen] = useState(false);
    const [name, setName] = useState('');
    const typed = name.trim();
    const isTaken = taken.some((column) => column.toLowerCase() === typed.toLowerCase());
    const wrong = isTaken ? 'There is such a column already.' : /[⟨⟩]/.test(typed) ? 'Leave out ⟨ and ⟩.' : null;
    return (
        <>
            <button
                type="button"
                aria-label="Add a column"
                title="Add a column"
                className="font-semibold text-indigo"
                onClick={() => setOpen(true)}
            >
                +
            </button>
            <Modal open={open} title="Add a column" onClose={() => setOpen(false)}>
                {hidden.length > 0 && (
                    <div className="mb-3 flex flex-wrap gap-2">
                        {hidden.map((column) => (
                            <Button
                                key={column}
                                onClick={() => {
                                    onShow(column);
                                    setOpen(false);
                                }}
                            >
                                {titleOf(column)}
                            </Button>
                        ))}
                    </div>
                )}
                <TextField
                    label="Custom column, such as year or role"
                    longest={40}
                    value={name}
                    wrong={wrong}
                    onChange={setName}
                />
                <div className="mt-3 flex justify-end">
                    <Button
                        look="main"
                        disabled={typed === '' || wrong !== null}
                        onClick={() => {
                            onAdd(typed);
                            setName('');
                            setOpen(false);
                        }}
                    >
                        Add it
                    </Button>
                </div>
            </Modal>
        </>
    );
}
