import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, server, type ShopBlank } from '../api/client';
import { blanks } from '../api/queries';

/** Another blank for the shop: at first a copy of the one that is looked at, to be changed from there. */
export function NewBlank({
    like,
    taken,
    onMade,
}: {
    like: ShopBlank;
    taken: readonly string[];
    onMade: (id: string) => void;
}) {
    const client = useQueryClient();
    const [wrong, setWrong] = useState(false);
    const make = async () => {
        let number = 2;
        const stem = like.id.replace(/-\d+$/, '').slice(0, 34);
        while (taken.includes(`${stem}-${number}`)) {
            number += 1;
        }
        const id = `${stem}-${number}`;
        const blank = { ...like, id, name: `${like.name} ${number}` };
        try {
            await answer(server.PUT('/api/blanks/{id}', { params: { path: { id } }, body: { version: 0, blank } }));
            await client.invalidateQueries(blanks);
            setWrong(false);
            onMade(id);
        } catch {
            setWrong(true);
        }
    };
    return (
        <>
            <button
                className="shrink-0 rounded-[3px] border border-dashed border-seam py-1.5 font-semibold text-indigo hover:border-indigo"
                onClick={() => void make()}
            >
                Add a blank like this one
            </button>
            {wrong && (
                <p role="alert" className="text-madder">
                    Not added: the server can’t be reached. Try again.
                </p>
            )}
        </>
    );
}
