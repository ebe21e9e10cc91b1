import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, server, type Line, type Size, type Unit } from '../api/client';
import { openDesign } from '../api/queries';

/** What of a line is changed by its rules. */
export interface LineRules {
    size?: Partial<Size>;
    fitting?: Partial<Line['fitting']>;
}

/** Lines of a design that have fields, and changes of their rules: each is saved into the design as it is at that moment. */
export function useLineRules(id: string) {
    const client = useQueryClient();
    const design = useQuery(openDesign(id));
    const [wrong, setWrong] = useState<string | null>(null);
    const lines: Line[] = (design.data?.document.lines ?? []).filter(({ lettering }) =>
        /⟨[^⟨⟩]+⟩/.test(lettering.words),
    );
    const unit: Unit = design.data?.document.unit ?? 'mm';
    const change = async (line: string, { size, fitting }: LineRules) => {
        try {
            const now = await client.query({ ...openDesign(id), staleTime: 0 });
            const document = structuredClone(now.document);
            const own = document.lines.find((other) => other.id === line);
            if (!own) {
                throw new Error('This line is no longer in the design.');
            }
            Object.assign(own.size, size);
            Object.assign(own.fitting, fitting);
            await answer(
                server.PUT('/api/designs/{id}', {
                    params: { path: { id } },
                    body: { version: now.version, document, change: `size:${line}` },
                }),
            );
            setWrong(null);
        } catch (error) {
            setWrong(error instanceof Error ? `Not saved: ${error.message}` : 'Not saved.');
        }
        await client.invalidateQueries({ queryKey: ['design', id] });
        await client.invalidateQueries({ queryKey: ['people', id] });
    };
    return { lines, unit, wrong, change: (line: string, rules: LineRules) => void change(line, rules) };
}
