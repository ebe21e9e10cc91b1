import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useRef, useState } from 'react';
import { answer, server, type Line, type OpenDesign, type Size, type Unit } from '../api/client';
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
    // Shown over whatever the server last said, from the click until all is saved and fetched again.
    const [pending, setPending] = useState<readonly Pending[]>([]);
    const shown = useMemo(() => pending.reduce(changed, design.data), [pending, design.data]);
    const lines: Line[] = (shown?.document.lines ?? []).filter(({ lettering }) => /⟨[^⟨⟩]+⟩/.test(lettering.words));
    const unit: Unit = shown?.document.unit ?? 'mm';
    const save = async (line: string, rules: LineRules) => {
        try {
            const asked = server.GET('/api/designs/{id}', { params: { path: { id } } });
            const now = withRules(await answer(asked), { line, rules });
            await answer(
                server.PUT('/api/designs/{id}', {
                    params: { path: { id } },
                    body: { version: now.version, document: now.document, change: `size:${line}` },
                }),
            );
            setWrong(null);
        } catch (error) {
            setWrong(error instanceof Error ? `Not saved: ${error.message}` : 'Not saved.');
        }
    };
    // One after the other, each over what the one before saved; what is shown is fetched after the last.
    const queue = useRef(Promise.resolve());
    const waiting = useRef(0);
    const change = (line: string, rules: LineRules) => {
        setPending((before) => [...before, { line, rules }]);
        waiting.current += 1;
        queue.current = queue.current
            .then(() => save(line, rules))
            .then(async () => {
                waiting.current -= 1;
                if (waiting.current === 0) {
                    await client.invalidateQueries({ queryKey: ['design', id] });
                    // Unless another one came while it was fetched.
                    setPending((all) => (waiting.current === 0 ? [] : all));
                    await client.invalidateQueries({ queryKey: ['people', id] });
                }
            });
    };
    return { lines, unit, wrong, change };
}

interface Pending {
    line: string;
    rules: LineRules;
}

const changed = (design: OpenDesign | undefined, pending: Pending) => design && withRules(design, pending);

function withRules(design: OpenDesign, { line, rules: { size, fitting } }: Pending): OpenDesign {
    const document = structuredClone(design.document);
    const own = document.lines.find((other) => other.id === line);
    if (own) {
        Object.assign(own.size, size);
        Object.assign(own.fitting, fitting);
    }
    return { ...design, document };
}
