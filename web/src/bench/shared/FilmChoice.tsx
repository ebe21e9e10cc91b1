import { useQuery } from '@tanstack/react-query';
import type { Film } from '../../api/client';
import { films } from '../../api/queries';
import { Choice } from '../../ui/Choice';
import { Swatch } from '../../ui/Swatch';
import { useBench } from '../state/store';

interface Props {
    label: string;
    field?: string;
    value: string;
    /** Label for no film; omitted if a film is required. */
    none?: string;
    className?: string;
    onChange: (film: Film | null) => void;
}

/** Films on the rack. */
export function useRack(): readonly Film[] {
    const own = useBench((bench) => bench.design.films);
    return useQuery(films).data ?? own;
}

/** A film of the rack. */
export function FilmChoice({ label, field, value, none, className = 'min-w-0 flex-1', onChange }: Props) {
    const own = useBench((bench) => bench.design.films);
    const rack = useRack();
    const options: (Film | null)[] = none === undefined ? [...rack] : [null, ...rack];
    return (
        <Choice
            label={label}
            {...(field !== undefined && { field })}
            className={`text-xs ${className}`}
            value={[...rack, ...own].find(({ id }) => id === value) ?? null}
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
