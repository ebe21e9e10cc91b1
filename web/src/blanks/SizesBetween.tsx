import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, Refusal, server, type ShopBlank } from '../api/client';
import { Button } from '../ui/Button';

type Size = ShopBlank['sizes'][number];

interface Props {
    blank: ShopBlank;
    onMade: (made: { after: string; sizes: Size[] }) => void;
}

/** Sizes between two that were measured: their names are typed, all else is worked out. */
export function SizesBetween({ blank, onMade }: Props) {
    const { sizes } = blank;
    const [open, setOpen] = useState(false);
    const [from, setFrom] = useState(sizes[0]?.size ?? '');
    const [to, setTo] = useState(sizes[sizes.length - 1]?.size ?? '');
    const [names, setNames] = useState('');
    const made = useMutation({
        mutationFn: () =>
            answer(
                server.POST('/api/blanks/{id}/between', {
                    params: { path: { id: blank.id } },
                    body: {
                        from,
                        to,
                        names: names
                            .split(',')
                            .map((name) => name.trim())
                            .filter((name) => name !== ''),
                    },
                }),
            ),
        onSuccess: (between) => {
            onMade({ after: from, sizes: between });
            setOpen(false);
            setNames('');
        },
    });
    if (sizes.length < 2) {
        return null;
    }
    if (!open) {
        return (
            <Button look="words" small className="mt-1" onClick={() => setOpen(true)}>
                Work out the sizes between two…
            </Button>
        );
    }
    const choice = (label: string, value: string, choose: (size: string) => void) => (
        <select
            aria-label={label}
            className="field px-1 py-1"
            value={value}
            onChange={({ target }) => choose(target.value)}
        >
            {sizes.map(({ size }) => (
                <option key={size}>{size}</option>
            ))}
        </select>
    );
    return (
        <form
            aria-label="Sizes between two"
            className="card mt-2 grid gap-2 p-2 text-xs"
            onSubmit={(event) => {
                event.preventDefault();
                made.mutate();
            }}
        >
            <span className="flex flex-wrap items-center gap-1.5">
                Between {choice('From', from, setFrom)} and {choice('To', to, setTo)} there are
                <input
                    aria-label="Names of the sizes between"
                    className="field min-w-24 flex-1 px-1.5 py-1"
                    placeholder="M, L"
                    value={names}
                    onChange={({ target }) => setNames(target.value)}
                />
            </span>
            {made.error && (
                <p role="alert" className="text-madder">
                    {made.error instanceof Refusal ? made.error.message : 'The server can’t be reached. Try again.'}
                </p>
            )}
            <span className="flex gap-2">
                <Button type="submit" look="main" disabled={made.isPending}>
                    Work them out
                </Button>
                <Button type="button" onClick={() => setOpen(false)}>
                    Cancel
                </Button>
            </span>
        </form>
    );
}

/** Sizes with others put in after one of them. */
export function withBetween(
    sizes: readonly Size[],
    { after, sizes: made }: { after: string; sizes: readonly Size[] },
): Size[] {
    return sizes.flatMap((size) => (size.size === after ? [size, ...made] : [size]));
}
