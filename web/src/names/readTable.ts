import { Refusal, type ReadTable } from '../api/client';

/** A file or pasted text as the server reads it; or why it can't be read. */
export async function readTable(content: Blob | string): Promise<ReadTable | string> {
    try {
        const response = await fetch('/api/tables', { method: 'POST', body: content });
        const said: unknown = await response.json();
        if (response.ok) {
            return said as ReadTable;
        }
        throw new Refusal(response.status, said as Refusal['problem']);
    } catch (error) {
        return error instanceof Refusal
            ? error.problem.detail
            : 'The server does not answer. Start it with bin/start, then try again.';
    }
}
