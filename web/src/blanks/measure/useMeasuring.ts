import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, Refusal, server, type Drawing, type ShopBlank, type Unit } from '../../api/client';
import { blanks, measuresOf } from '../../api/queries';
import { drawings } from '../drawings';

type Size = ShopBlank['sizes'][number];

/** Where one is: what it is, a measure after another by its number, or what came of them. */
export type Step = 'start' | 'result' | number;

/** The way through measuring a blank: a new one, or another size of one that the shop has. */
export function useMeasuring(of: ShopBlank | undefined, onKept: (id: string) => void) {
    const client = useQueryClient();
    const known = of?.drawing ?? 'tee-front';
    const [drawing, setDrawing] = useState<Drawing>(known);
    const [name, setName] = useState(of?.name ?? '');
    const [size, setSize] = useState('');
    const [unit, setUnit] = useState<Unit>('mm');
    const [measures, setMeasures] = useState<Readonly<Record<string, number>>>({});
    const [step, setStep] = useState<Step>('start');
    const asked = useQuery(measuresOf(drawing)).data ?? [];

    const work = useMutation({
        mutationFn: (taken: Readonly<Record<string, number>>) =>
            answer(
                server.POST('/api/drawings/{drawing}/measured', {
                    params: { path: { drawing } },
                    body: { size: sizeName(size), measures: taken },
                }),
            ),
        onSuccess: () => setStep('result'),
        onError: (error) => {
            const at = error instanceof Refusal ? asked.findIndex((one) => one.name === error.problem.path) : -1;
            if (at >= 0) {
                setStep(at);
            }
        },
    });
    const keep = useMutation({
        mutationFn: async (made: Size) => {
            const list = await client.query({ ...blanks, staleTime: 0 });
            const entry = of && list.find((other) => other.blank.id === of.id);
            const blank = entry
                ? { ...entry.blank, sizes: [...entry.blank.sizes.filter((other) => other.size !== made.size), made] }
                : newBlank(
                      name,
                      drawing,
                      made,
                      list.map((other) => other.blank.id),
                  );
            const body = { version: entry?.version ?? 0, blank };
            await answer(server.PUT('/api/blanks/{id}', { params: { path: { id: blank.id } }, body }));
            await client.invalidateQueries(blanks);
            return blank.id;
        },
        onSuccess: onKept,
    });

    return {
        of,
        drawing,
        name,
        size,
        unit,
        measures,
        step,
        asked,
        work,
        keep,
        setName,
        setSize,
        setUnit,
        setDrawing: (next: Drawing) => {
            setDrawing(next);
            setMeasures({});
        },
        goTo: setStep,
        /** Takes a measure and goes on to the next; after the last one all is worked out. */
        take: (measure: string, length: number) => {
            const taken = { ...measures, [measure]: length };
            setMeasures(taken);
            const at = asked.findIndex((one) => one.name === measure);
            if (at + 1 < asked.length) {
                setStep(at + 1);
            } else {
                work.mutate(taken);
            }
        },
    };
}

export type Measuring = ReturnType<typeof useMeasuring>;

export const sizeName = (typed: string) => typed.trim() || 'One size';

function newBlank(name: string, drawing: Drawing, size: Size, taken: readonly string[]): ShopBlank {
    const called = name.trim() || (drawings.find(({ id }) => id === drawing)?.name ?? 'New blank');
    const stem =
        called
            .toLowerCase()
            .replace(/[^a-z0-9]+/g, '-')
            .replace(/^-|-$/g, '')
            .slice(0, 34) || 'blank';
    let id = stem;
    for (let number = 2; taken.includes(id); number += 1) {
        id = `${stem}-${number}`;
    }
    const hard = drawing === 'board';
    const fabric = {
        name: hard ? 'Glass' : 'Ash',
        colour: hard ? '#C9D9D6' : '#B9B7B2',
        highest: 190,
        stretch: 'none',
        marks: false,
        surface: hard ? 'hard' : 'cloth',
    } as const;
    return { id, name: called, drawing, fabrics: [fabric], sizes: [size] };
}
