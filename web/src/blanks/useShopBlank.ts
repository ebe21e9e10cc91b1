import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { answer, Refusal, server, type BlankEntry, type ShopBlank } from '../api/client';
import { blanks } from '../api/queries';

/** Saves each change of a blank as it is made, one after the other, and says what stood in the way. */
export function useShopBlank(entry: BlankEntry) {
    const client = useQueryClient();
    const latest = useRef(entry);
    const queue = useRef(Promise.resolve());
    const [wrong, setWrong] = useState<string | null>(null);
    useEffect(() => {
        if (entry.version > latest.current.version) {
            latest.current = entry;
        }
    }, [entry]);
    const change = useCallback(
        (change: (blank: ShopBlank) => ShopBlank) => {
            queue.current = queue.current.then(async () => {
                const { version, blank } = latest.current;
                try {
                    const body = { version, blank: change(blank) };
                    const saved = await answer(
                        server.PUT('/api/blanks/{id}', { params: { path: { id: blank.id } }, body }),
                    );
                    latest.current = saved;
                    client.setQueryData(blanks.queryKey, (list) =>
                        list?.map((other) => (other.blank.id === blank.id ? saved : other)),
                    );
                    setWrong(null);
                } catch (error) {
                    if (error instanceof Refusal && error.status === 409) {
                        await client.invalidateQueries(blanks);
                        setWrong(
                            'This blank was changed in another window; this is how it is now. Change it again if it is not right.',
                        );
                    } else {
                        setWrong(
                            error instanceof Refusal
                                ? `Not saved: ${error.message}`
                                : 'Not saved: the server can’t be reached. Try again.',
                        );
                    }
                }
            });
        },
        [client],
    );
    return { change, wrong };
}
