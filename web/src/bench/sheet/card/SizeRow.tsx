import type { Form, Line, Motif, Size } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { LengthField } from '../../../ui/LengthField';
import { isLine, withFree, withLineSize, withSide, type Card } from '../../model/edits';
import { partOf } from '../../state/select';
import { useBench, useBenchStore } from '../../state/store';

/** A line's width and height, including unsaved changes. */
function sides({ by, length }: Size, ink: { width: number; height: number }): Pick<Size, 'length' | 'high'> {
    const grown = by === 'width' ? length / ink.width : by === 'height' ? length / ink.height : 1;
    return { length: Math.round(ink.width * grown), high: Math.round(ink.height * grown) };
}

/** Size of a card's ink. */
export function SizeRow({ card }: { card: Card }) {
    return (
        <span className="flex items-center gap-1">
            {isLine(card) ? <OfLine line={card} /> : <OfShape card={card} />}
        </span>
    );
}

/** A line's size is defined by width, height, both or the area; a marigold frame marks the driving dimension. */
function OfLine({ line }: { line: Line }) {
    const unit = useBench((bench) => bench.design.unit);
    const part = useBench((bench) => partOf(bench, line.id));
    const area = useBench((bench) => bench.sheet.area);
    const { change } = useBenchStore().getState();
    const { by, length, high } = line.size;
    const ink = part?.ink ? part : null;
    const both = by === 'both';
    const set = (next: Partial<Size>, along: number, across?: number) =>
        change(withLineSize(line.id, next, along, across));
    const times = (to: number, was: number | undefined) => (was ? to / was : 1);
    const fit = (margin: number) =>
        set(
            { by: 'area', length: margin },
            ink ? Math.min((area.width - 2 * margin) / ink.width, (area.height - 2 * margin) / ink.height) : 1,
        );
    return (
        <>
            <LengthField
                label="Ink width"
                note="wide"
                unit={unit}
                least={500}
                rules={by === 'width' || both}
                value={ink?.width ?? (by === 'width' || both ? length : null)}
                onChange={(to) =>
                    both
                        ? set({ length: to }, times(to, ink?.width), 1)
                        : set({ by: 'width', length: to }, times(to, ink?.width))
                }
            />
            <LengthField
                label="Ink height"
                note="high"
                unit={unit}
                least={500}
                rules={by === 'height' || both}
                value={ink?.height ?? (by === 'height' ? length : both ? high : null)}
                onChange={(to) =>
                    both
                        ? set({ high: to }, 1, times(to, ink?.height))
                        : set({ by: 'height', length: to }, times(to, ink?.height))
                }
            />
            {by !== 'area' && (
                <Chain
                    closed={!both}
                    // Width and height are known once the lettering exists.
                    disabled={!both && !ink}
                    onClick={() =>
                        both || !ink
                            ? set({ by: 'width', length }, 1)
                            : set({ by: 'both', ...sides(line.size, ink) }, 1)
                    }
                />
            )}
            {by === 'area' ? (
                <LengthField
                    label="Margin inside the area"
                    note="edge"
                    slim
                    atRight
                    unit={unit}
                    least={0}
                    rules
                    value={length}
                    onChange={fit}
                />
            ) : (
                <Button
                    look="words"
                    className="ml-auto"
                    aria-label="Fit to area"
                    title="As large as the area allows"
                    onClick={() => fit(5000)}
                >
                    Fit
                </Button>
            )}
        </>
    );
}

function OfShape({ card }: { card: Form | Motif }) {
    const unit = useBench((bench) => bench.design.unit);
    const { change } = useBenchStore().getState();
    const { proportional } = card.size;
    // Size as scaled to its owner.
    const width = Math.round((card.size.width * card.belongs.scale) / 100);
    const height = Math.round((card.size.height * card.belongs.scale) / 100);
    const what = 'shape' in card ? 'form' : 'motif';
    return (
        <>
            <LengthField
                label={`Width of the ${what}`}
                note="wide"
                unit={unit}
                least={500}
                value={width}
                onChange={(length) => change(withSide(card.id, 'width', length))}
            />
            <LengthField
                label={`Height of the ${what}`}
                note="high"
                unit={unit}
                least={500}
                value={height}
                onChange={(length) => change(withSide(card.id, 'height', length))}
            />
            <Chain
                closed={proportional}
                onClick={() => change(withFree(card.id, ({ size }) => (size.proportional = !proportional)))}
            />
        </>
    );
}

/** Links width and height. */
function Chain({ closed, disabled, onClick }: { closed: boolean; disabled?: boolean; onClick: () => void }) {
    return (
        <Button
            aria-label="Keep the proportions"
            title={closed ? 'Width and height change together' : 'Width and height change by themselves'}
            on={closed}
            data-field="proportional"
            className="px-1.5!"
            disabled={disabled}
            onClick={onClick}
        >
            <svg aria-hidden viewBox="0 0 16 8" className="w-4 fill-none stroke-current stroke-[1.6]">
                <path
                    d={
                        closed
                            ? 'M6 1H4a3 3 0 0 0 0 6h2m4-6h2a3 3 0 0 1 0 6h-2M5 4h6'
                            : 'M6 1H4a3 3 0 0 0 0 6h2m4-6h2a3 3 0 0 1 0 6h-2'
                    }
                />
            </svg>
        </Button>
    );
}
