import type { Form, Line, Motif } from '../../../api/client';
import { LengthField } from '../../../ui/LengthField';
import { NumberField } from '../../../ui/NumberField';
import { Segments } from '../../../ui/Segments';
import { cardName, isLine, ownerOf, withCard, withFree, withLine, withTurn, type Card } from '../../model/edits';
import { isPlaced, ringLeader } from '../../model/follows';
import { useBench, useBenchStore } from '../../state/store';

/** Position and rotation of a card, in one row. */
export function PlaceRow({ card }: { card: Card }) {
    const { change } = useBenchStore().getState();
    const owner = useBench(({ design }) => ownerOf(design, card.id)?.id);
    return (
        <span className="flex items-center gap-1">
            {owner !== undefined ? (
                <OnOwner card={card} owner={owner} />
            ) : !isLine(card) ? (
                <OfShape card={card} />
            ) : isPlaced(card) ? (
                <OnPath line={card} />
            ) : (
                <InStack line={card} />
            )}
            <NumberField
                label="Turn in degrees, clockwise"
                unit="°"
                least={-180}
                most={180}
                digits={1}
                value={card.place.turn}
                onChange={(turn) => change(withTurn(card.id, turn), `turn:${card.id}`)}
            />
            {isLine(card) && !isPlaced(card) && owner === undefined && <PlaceMore />}
        </span>
    );
}

/** Alignment and gap of a stacked line. */
function InStack({ line }: { line: Line }) {
    const unit = useBench((bench) => bench.design.unit);
    const gap = useBench(({ design }) =>
        design.lines[0]?.id !== line.id
            ? 'below the ink above'
            : { top: 'below the area’s edge', middle: null, bottom: 'above the area’s edge' }[design.stack],
    );
    const { change } = useBenchStore().getState();
    return (
        <>
            <Segments
                label="Alignment"
                small
                value={line.place.align}
                options={(['left', 'centre', 'right'] as const).map((at) => ({
                    value: at,
                    show: <AlignIcon at={at} />,
                    name: { left: 'Left', centre: 'Centre', right: 'Right' }[at],
                }))}
                onChange={(align) =>
                    change(
                        withLine(line.id, ({ place, stacking }) => {
                            place.align = align;
                            stacking.shift = 0;
                        }),
                    )
                }
            />
            {gap && (
                <LengthField
                    label={`Gap ${gap}`}
                    note="gap"
                    unit={unit}
                    value={line.stacking.gap}
                    onChange={(length) => change(withLine(line.id, ({ stacking }) => (stacking.gap = length)))}
                />
            )}
        </>
    );
}

/** Centre of a line's ring or spiral. */
function OnPath({ line }: { line: Line }) {
    const leader = useBench(({ design }) => (line.follows.path === 'ring' ? ringLeader(line, design) : line));
    const { change } = useBenchStore().getState();
    const { path, ring, spiral } = leader.follows;
    const place = path === 'spiral' ? spiral : path === 'ring' ? ring : null;
    return (
        place && (
            <Spot
                what="the centre"
                place={place}
                onChange={(next) =>
                    change(
                        withLine(leader.id, ({ follows }) =>
                            Object.assign(follows[path === 'spiral' ? path : 'ring'], next),
                        ),
                    )
                }
            />
        )
    );
}

function OfShape({ card }: { card: Form | Motif }) {
    const { change } = useBenchStore().getState();
    return (
        <Spot
            what="the card"
            place={card.place}
            onChange={(next) => change(withFree(card.id, ({ place }) => Object.assign(place, next)))}
        />
    );
}

/** Offset of a card's centre from its owner's. */
function OnOwner({ card, owner }: { card: Card; owner: string }) {
    const name = useBench(({ design }) => cardName(design, owner));
    const { change } = useBenchStore().getState();
    return (
        <Spot
            what="the card"
            from={[`the middle of ${name}`, `the middle of ${name}`]}
            place={card.belongs}
            onChange={(next) => change(withCard(card.id, ({ belongs }) => Object.assign(belongs, next)))}
        />
    );
}

interface SpotProps {
    what: string;
    /** References for right and down. */
    from?: [string, string];
    place: { across: number; down: number };
    onChange: (next: { across?: number; down?: number }) => void;
}

/** Position right of the area's centre and down from its top edge. */
function Spot({
    what,
    from: [right, below] = ['the area’s middle', 'the area’s top edge'],
    place: { across, down },
    onChange,
}: SpotProps) {
    const unit = useBench((bench) => bench.design.unit);
    return (
        <>
            <LengthField
                label={`Offset of ${what} from ${right}, to the right`}
                note="right"
                unit={unit}
                value={across}
                onChange={(length) => onChange({ across: length })}
            />
            <LengthField
                label={`Offset of ${what} from ${below}, down`}
                note="down"
                unit={unit}
                value={down}
                onChange={(length) => onChange({ down: length })}
            />
        </>
    );
}

/** Opens rare position settings. */
function PlaceMore() {
    const on = useBench((bench) => bench.drawer === 'place');
    const { open } = useBenchStore().getState();
    return (
        <button
            aria-expanded={on}
            aria-label="More about the position"
            title="Aligned to the line above, stacked tight"
            className="ml-auto rounded-[3px] p-1.5 hover:bg-tape"
            onClick={() => open(on ? null : 'place')}
        >
            <svg aria-hidden viewBox="0 0 8 5" className="w-2 fill-none stroke-quiet stroke-[1.4]">
                <path d={on ? 'M1 4l3-3 3 3' : 'M1 1l3 3 3-3'} />
            </svg>
        </button>
    );
}

function AlignIcon({ at }: { at: Line['place']['align'] }) {
    const short = { left: 'M2 8h7', centre: 'M4 8h8', right: 'M7 8h7' }[at];
    return (
        <svg aria-hidden viewBox="0 0 16 12" className="my-0.5 h-3 w-4 fill-none stroke-current stroke-[1.6]">
            <path d={`M2 4h12 ${short}`} />
        </svg>
    );
}
