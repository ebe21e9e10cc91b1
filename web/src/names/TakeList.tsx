import { useRef, useState } from 'react';
import type { ReadTable } from '../api/client';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';
import { useFileDrop } from '../ui/useFileDrop';
import { readTable } from './readTable';

interface Props {
    job: string;
    empty: boolean;
    onRead: (table: ReadTable) => void;
}

/** Brings a list in from a file or a spreadsheet, and writes it out again. */
export function TakeList({ job, empty, onRead }: Props) {
    const file = useRef<HTMLInputElement>(null);
    const [pasting, setPasting] = useState(false);
    const [text, setText] = useState('');
    const [wrong, setWrong] = useState<string | null>(null);
    const read = async (content: Blob | string) => {
        const result = await readTable(content);
        if (typeof result === 'string') {
            setWrong(result);
            return;
        }
        setWrong(null);
        setPasting(false);
        setText('');
        onRead(result);
    };
    const over = useFileDrop(([dropped]) => dropped && void read(dropped));
    return (
        <span className={`flex shrink-0 items-center gap-2 ${over ? 'outline-2 outline-offset-2 outline-indigo' : ''}`}>
            {!empty && (
                <a href={`/api/jobs/${job}/names.csv`} className="font-semibold text-indigo hover:underline">
                    Export CSV
                </a>
            )}
            <Button onClick={() => setPasting(true)}>Paste a list</Button>
            <Button onClick={() => file.current?.click()}>Open CSV or XLSX</Button>
            <input
                ref={file}
                type="file"
                aria-label="List file"
                accept=".csv,.txt,.tsv,.xlsx"
                className="hidden"
                onChange={(event) => {
                    const [chosen] = event.target.files ?? [];
                    event.target.value = '';
                    if (chosen) {
                        void read(chosen);
                    }
                }}
            />
            <Modal open={pasting} wide title="Paste a list" onClose={() => setPasting(false)}>
                <label className="grid gap-1">
                    <span className="text-xs text-quiet">
                        One person per line. Cells copied from a spreadsheet keep their columns.
                    </span>
                    <textarea
                        autoFocus
                        rows={9}
                        className="field font-mono"
                        value={text}
                        onChange={(event) => setText(event.target.value)}
                    />
                </label>
                {wrong && (
                    <p role="alert" className="mt-2 text-madder">
                        {wrong}
                    </p>
                )}
                <div className="mt-3 flex justify-end">
                    <Button look="main" disabled={text.trim() === ''} onClick={() => void read(text)}>
                        Preview
                    </Button>
                </div>
            </Modal>
            <Modal open={wrong !== null && !pasting} title="Not imported" onClose={() => setWrong(null)}>
                <p role="alert">{wrong}</p>
                <p className="mt-1 text-quiet">The list stays as it was.</p>
                <div className="mt-3 flex justify-end">
                    <Button look="main" onClick={() => setWrong(null)}>
                        OK
                    </Button>
                </div>
            </Modal>
        </span>
    );
}
