import type { Form, Frame, Line, Motif, SheetPart, Size } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { LengthField } from '../../../ui/LengthField';
import { isLine, withFree, withLineSize, withSide, type Card } from '../../model/edits';
import { partOf } from '../../state/select';
import { useBench, useBenchStore } from '../../state/store';

/** How large a card's ink is. */
export function SizeRow({ card }: { card: Card }) {
    return (
        <span className="flex items-center gap-1.5">
            {isLine(card) ? <OfLine line={card} /> : <OfShape card={card} />}
        </span>
    );
}

/** The width, the height or the area defines a line's size: the one that does has a marigold frame. */
function OfLine({ line }: { line: Line }) {
    const unit = useBench((bench) => bench.design.unit);
    const part = useBench((bench) => partOf(bench, line.id));
    const area = useBench((bench) => bench.sheet.area);
    const { change } = useBenchStore().getState();
    const { by, length } = line.size;
    const ink = part?.ink ? part : null;
    const set = (next: Size['by'], to: number) =>
        change(withLineSize(line.id, { by: next, length: to }, ink ? factor(ink, area, next, to) : 1));
    return (
        <>
            <LengthField
                label="Ink width"
                note="wide"
                unit={unit}
                least={500}
                rules={by === 'width'}
                value={ink?.width ?? (by === 'width' ? length : null)}
                onChange={(to) => set('width', to)}
            />
            <LengthField
                label="Ink height"
                note="high"
                unit={unit}
                least={500}
                rules={by === 'height'}
                value={ink?.height ?? (by === 'height' ? length : null)}
                onChange={(to) => set('height', to)}
            />
            {by === 'area' ? (
                <LengthField
                    label="Margin inside the area"
                    note="margin"
                    atRight
                    unit={unit}
                    least={0}
                    rules
                    value={length}
                    onChange={(to) => set('area', to)}
                />
            ) : (
                <Button
                    look="words"
                    className="ml-auto"
                    aria-label="Fit to area"
                    title="As large as the area allows"
                    onClick={() => set('area', 5000)}
                >
                    Fit
                </Button>
            )}
        </>
    );
}

/** How many times as large a line becomes, which all that belongs to it becomes with it. */
function factor({ width, height }: SheetPart, area: Frame, by: Size['by'], to: number): number {
    switch (by) {
        case 'width':
            return to / width;
        case 'height':
            return to / height;
        case 'area':
            return Math.min((area.width - 2 * to) / width, (area.height - 2 * to) / height);
        case 'letter':
            return 1;
    }
}

function OfShape({ card }: { card: Form | Motif }) {
    const unit = useBench((bench) => bench.design.unit);
    const { change } = useBenchStore().getState();
    const { proportional } = card.size;
    // As large as it is where it belongs.
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
            <Button
                aria-label="Keep the proportions"
                title={proportional ? 'Width and height change together' : 'Width and height change by themselves'}
                on={proportional}
                data-field="proportional"
                className="px-1.5!"
                onClick={() => change(withFree(card.id, ({ size }) => (size.proportional = !proportional)))}
            >
                <svg aria-hidden viewBox="0 0 16 8" className="w-4 fill-none stroke-current stroke-[1.6]">
                    <path
                        d={
                            proportional
                                ? 'M6 1H4a3 3 0 0 0 0 6h2m4-6h2a3 3 0 0 1 0 6h-2M5 4h6'
                                : 'M6 1H4a3 3 0 0 0 0 6h2m4-6h2a3 3 0 0 1 0 6h-2'
                        }
                    />
                </svg>
            </Button>
        </>
    );
}
