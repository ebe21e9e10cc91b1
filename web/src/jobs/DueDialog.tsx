import { Button } from '../ui/Button';
import { useState } from 'react';
import { Refusal } from '../api/client';
import { Modal } from '../ui/Modal';

interface Props {
    open: boolean;
    title: string;
    onClose: () => void;
    onDue: (due: string) => Promise<void>;
}

/** Asks for the day that something is due. */
export function DueDialog({ open, title, onClose, onDue }: Props) {
    const [due, setDue] = useState('');
    const [wrong, setWrong] = useState<string | null>(null);
    return (
        <Modal open={open} title={title} onClose={onClose}>
            <form
                noValidate
                className="grid gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    onDue(due).catch((error: unknown) =>
                        setWrong(error instanceof Refusal ? error.message : 'The server can’t be reached. Try again.'),
                    );
                }}
            >
                <p className="text-quiet">
                    A new job with the same items and designs. Its designs need approval again.
                </p>
                <label className="grid gap-1">
                    <span className="text-xs text-quiet">Due on</span>
                    <input type="date" className="field" value={due} onChange={(event) => setDue(event.target.value)} />
                    {wrong && (
                        <span role="alert" className="text-xs text-madder">
                            {wrong}
                        </span>
                    )}
                </label>
                <div className="flex justify-end gap-2">
                    <Button type="button" className="px-4" onClick={onClose}>
                        Not now
                    </Button>
                    <Button look="main" type="submit">
                        Hang it on the rail
                    </Button>
                </div>
            </form>
        </Modal>
    );
}
