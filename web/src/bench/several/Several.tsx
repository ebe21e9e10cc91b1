import { Button } from '../../ui/Button';
import { withAligned, withGroup, withSpaced, type Edge } from '../model/arrange';
import { freeGroup, withCardFilms, withCards, withRemoved } from '../model/edits';
import { duplicate, step } from '../shared/whole';
import { FilmChoice } from '../shared/FilmChoice';
import { cardOf } from '../state/select';
import { useBench, useBenchStore } from '../state/store';
import { AsOneFields } from './AsOneFields';
import { EdgeIcon } from './EdgeIcon';

const edges: readonly { edge: Edge; name: string }[] = [
    { edge: 'left', name: 'Line up left' },
    { edge: 'centre', name: 'Line up on the centre line' },
    { edge: 'right', name: 'Line up right' },
    { edge: 'top', name: 'Line up at the top' },
    { edge: 'middle', name: 'Line up in the middle' },
    { edge: 'bottom', name: 'Line up at the bottom' },
];

const ways = [
    { way: 'across', name: 'Space evenly across', show: '↔' },
    { way: 'down', name: 'Space evenly down', show: '↕' },
] as const;

/** Actions for several cards. */
export function Several({ chosen }: { chosen: readonly string[] }) {
    const store = useBenchStore();
    const { change, choose } = store.getState();
    const sheet = useBench((bench) => bench.sheet);
    const design = useBench((bench) => bench.design);
    const cards = chosen.flatMap((id) => cardOf(design, id) ?? []);
    const grouped = cards.some(({ treatments }) => treatments.group !== '');
    const hidden = cards.every((card) => card.hidden);
    const locked = cards.every((card) => card.locked);
    const films = new Set(cards.flatMap((card) => ('film' in card ? [card.film] : [])));
    return (
        <div
            role="toolbar"
            aria-label="Several cards"
            className="card absolute inset-x-3 top-2 z-10 flex flex-wrap items-center gap-x-2.5 gap-y-1 px-2.5 py-1"
        >
            <b className="whitespace-nowrap">{chosen.length} chosen</b>
            <span className="flex">
                {edges.map(({ edge, name }) => (
                    <Icon key={edge} name={name} onClick={() => change(withAligned(chosen, edge, sheet))}>
                        <EdgeIcon edge={edge} />
                    </Icon>
                ))}
            </span>
            <span className="flex">
                {ways.map(({ way, name, show }) => (
                    <Icon
                        key={way}
                        name={name}
                        disabled={chosen.length < 3}
                        onClick={() => change(withSpaced(chosen, way, sheet))}
                    >
                        {show}
                    </Icon>
                ))}
            </span>
            <AsOneFields chosen={chosen} />
            <FilmChoice
                label="Film of the chosen cards"
                className="w-28 shrink-0"
                value={films.size === 1 ? ([...films][0] ?? '') : ''}
                onChange={(film) => film && change(withCardFilms(chosen, film))}
            />
            <span className="flex flex-wrap gap-x-2.5">
                {grouped ? (
                    <Button look="words" small onClick={() => change(withGroup(chosen, ''))}>
                        Let go
                    </Button>
                ) : (
                    <Button look="words" small onClick={() => change(withGroup(chosen, freeGroup(design)))}>
                        Keep together
                    </Button>
                )}
                <Button look="words" small onClick={() => step(store, chosen, 'forward')}>
                    Forward
                </Button>
                <Button look="words" small onClick={() => step(store, chosen, 'back')}>
                    Back
                </Button>
                <Button look="words" small onClick={() => duplicate(store, chosen)}>
                    Duplicate
                </Button>
                <Button look="words" small onClick={() => change(withCards(chosen, (card) => (card.hidden = !hidden)))}>
                    {hidden ? 'Show' : 'Hide'}
                </Button>
                <Button look="words" small onClick={() => change(withCards(chosen, (card) => (card.locked = !locked)))}>
                    {locked ? 'Unlock' : 'Lock'}
                </Button>
                <Button
                    look="away"
                    small
                    onClick={() => {
                        change(withRemoved(chosen, sheet));
                        choose(null);
                    }}
                >
                    Remove
                </Button>
            </span>
        </div>
    );
}

interface IconProps {
    name: string;
    disabled?: boolean;
    onClick: () => void;
    children: React.ReactNode;
}

function Icon({ name, disabled = false, onClick, children }: IconProps) {
    return (
        <button
            aria-label={name}
            title={name}
            disabled={disabled}
            className="rounded-[3px] px-1.5 py-1 leading-none enabled:hover:bg-tape disabled:opacity-40"
            onClick={onClick}
        >
            {children}
        </button>
    );
}
