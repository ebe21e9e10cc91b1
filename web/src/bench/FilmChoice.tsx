import { useQuery } from '@tanstack/react-query';
import type { Design, Film } from '../api/client';
import { films } from '../api/queries';
import { Choice } from '../ui/Choice';
import { Swatch } from '../ui/Swatch';

interface Props {
    label: string;
    value: string;
    design: Design;
    /** What no film means; left out where there has to be one. */
    none?: string;
    /** On a closed card. */
    narrow?: boolean;
    onChange: (film: Film | null) => void;
}

/** A film of the rack. */
export function FilmChoice({ label, value, design, none, narrow, onChange }: Props) {
    const rack = useQuery(films).data ?? design.films;
    const options: (Film | null)[] = none === undefined ? [...rack] : [null, ...rack];
    return (
        <Choice
            label={label}
            className={narrow ? 'w-30 shrink-0 text-xs' : 'min-w-0 flex-1 text-xs'}
            value={[...rack, ...design.films].find(({ id }) => id === value) ?? null}
            options={options}
            by={(option) => option?.id ?? ''}
            show={(option) =>
                option ? (
                    <>
                        <Swatch colour={option.colour} />
                        <span className="truncate">{option.name}</span>
                    </>
                ) : (
                    <span className="truncate text-quiet">{none ?? 'choose a film'}</span>
                )
            }
            onChange={onChange}
        />
    );
}
