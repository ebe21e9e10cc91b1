import { useState } from 'react';
import { answer, Refusal, server, type Line } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { withLine } from '../../model/edits';
import { useBench, useBenchStore } from '../../state/store';

/** Closes gaps between joining letters and opens filled holes; reports the changes. */
export function MendJoins({ line }: { line: Line }) {
    const store = useBenchStore();
    const joints = useBench(
        ({ sheet }) => sheet.snags.filter(({ card, kind }) => card === line.id && /join|filled hole/.test(kind)).length,
    );
    const [said, setSaid] = useState<readonly string[]>([]);
    const mend = async () => {
        const { design, change } = store.getState();
        try {
            const mended = await answer(
                server.POST('/api/mended-joins', { body: { document: design, line: line.id } }),
            );
            change(withLine(line.id, ({ lettering }) => (lettering.letters = mended.letters)));
            setSaid(mended.said.length > 0 ? mended.said : ['All letters connect.']);
        } catch (error) {
            setSaid([error instanceof Refusal ? error.message : 'The server can’t be reached. Try again.']);
        }
    };
    return (
        <>
            {joints > 0 && (
                <Button small className="mt-1.5 w-full" onClick={() => void mend()}>
                    Mend joins ({joints})
                </Button>
            )}
            {said.length > 0 && (
                <ul role="status" className="mt-1.5 text-xs text-quiet">
                    {said.map((sentence) => (
                        <li key={sentence}>{sentence}</li>
                    ))}
                </ul>
            )}
        </>
    );
}
