import type { Design, Line, SheetPart, Size } from '../api/client';
import type { Change, Put } from './edits';
import { LengthField } from '../ui/LengthField';
import { isPlaced } from './follows';
import { NumberField } from '../ui/NumberField';
import { Segments } from '../ui/Segments';

interface Props {
    line: Line;
    part: SheetPart | undefined;
    design: Design;
    set: Put<Line>;
}

/** How large a line is and where it stands: rows of the open card. */
export function LineMeasures({ line, part, design, set }: Props) {
    const { unit } = design;
    const ink = part?.ink ? part : null;
    const gap = gapWords(design, line);
    const isFirst = design.lines[0]?.id === line.id;
    return (
        <>
            <Label>Ink size</Label>
            <span className="flex gap-1.5">
                <LengthField
                    label="Ink width"
                    note="wide"
                    unit={unit}
                    least={500}
                    rules={line.size.by === 'width'}
                    value={ink?.width ?? (line.size.by === 'width' ? line.size.length : null)}
                    onChange={(length) => set(sized('width', length))}
                />
                <LengthField
                    label="Ink height"
                    note="high"
                    atRight
                    unit={unit}
                    least={500}
                    rules={line.size.by === 'height'}
                    value={ink?.height ?? (line.size.by === 'height' ? line.size.length : null)}
                    onChange={(length) => set(sized('height', length))}
                />
            </span>
            <Label>Letter H</Label>
            <span className="flex gap-1.5">
                <LengthField
                    label="Letter height"
                    note="high"
                    unit={unit}
                    least={500}
                    rules={line.size.by === 'letter'}
                    value={part?.letterHeight || (line.size.by === 'letter' ? line.size.length : null)}
                    onChange={(length) => set(sized('letter', length))}
                />
                {line.size.by === 'area' ? (
                    <LengthField
                        label="Margin inside the area"
                        note="margin"
                        atRight
                        unit={unit}
                        least={0}
                        rules
                        value={line.size.length}
                        onChange={(length) => set(sized('area', length))}
                    />
                ) : (
                    <button
                        className="field flex-1 font-semibold text-indigo hover:border-indigo"
                        onClick={() => set(sized('area', 5000))}
                    >
                        Fit to area
                    </button>
                )}
            </span>
            <Label>Letters</Label>
            <span className="flex gap-1.5">
                <NumberField
                    label="Letter spacing in thousandths of the em"
                    unit="‰ em"
                    least={-500}
                    most={2000}
                    step={5}
                    value={line.lettering.spacing}
                    onChange={(spacing) => set(({ lettering }) => (lettering.spacing = spacing), 'spacing')}
                />
                <NumberField
                    label="Stretch in percent"
                    unit="% wide"
                    least={10}
                    most={1000}
                    digits={2}
                    value={line.size.stretch}
                    onChange={(stretch) => set(({ size }) => (size.stretch = stretch), 'stretch')}
                />
            </span>
            <Label>Strokes</Label>
            <LengthField
                label="Heft: how much the strokes are grown or thinned on either side"
                note="heavier"
                unit={unit}
                least={-1000}
                most={2000}
                value={line.lettering.heft}
                onChange={(heft) => set(({ lettering }) => (lettering.heft = heft), 'heft')}
            />
            <Label>Stands</Label>
            <span className="flex items-center gap-1.5">
                <Segments
                    label="Alignment"
                    value={line.place.align}
                    options={[
                        { value: 'left', show: <AlignIcon at="left" />, name: 'Left' },
                        { value: 'centre', show: <AlignIcon at="centre" />, name: 'Centre' },
                        { value: 'right', show: <AlignIcon at="right" />, name: 'Right' },
                    ]}
                    onChange={(align) =>
                        set(({ place, stacking }) => {
                            place.align = align;
                            stacking.shift = 0;
                        })
                    }
                />
                <NumberField
                    label="Turn in degrees, clockwise"
                    unit="°"
                    least={-180}
                    most={180}
                    digits={1}
                    value={line.place.turn}
                    onChange={(turn) => set(({ place }) => (place.turn = turn), 'turn')}
                />
            </span>
            {!isFirst && !isPlaced(line) && (
                <>
                    <Label>Aligned</Label>
                    <Segments
                        label="What it is aligned to"
                        small
                        value={line.stacking.alignTo}
                        options={[
                            { value: 'area', show: 'to the area' },
                            { value: 'above', show: 'to the line above' },
                        ]}
                        onChange={(alignTo) => set(({ stacking }) => Object.assign(stacking, { alignTo, shift: 0 }))}
                    />
                </>
            )}
            {gap && !isPlaced(line) && (
                <>
                    <Label>{isFirst ? 'Edge' : 'Gap'}</Label>
                    <span className="flex items-center gap-1.5">
                        <LengthField
                            label={`Gap ${gap}`}
                            unit={unit}
                            value={line.stacking.gap}
                            onChange={(gap) => set(({ stacking }) => (stacking.gap = gap))}
                        />
                        {isFirst ? (
                            <span className="text-xs text-quiet">{gap}</span>
                        ) : (
                            <Segments
                                label="What the gap is measured to"
                                small
                                value={line.stacking.tight ? 'shapes' : 'lines'}
                                options={[
                                    { value: 'lines', show: 'from the ink' },
                                    { value: 'shapes', show: 'tight' },
                                ]}
                                onChange={(to) => set(({ stacking }) => (stacking.tight = to === 'shapes'))}
                            />
                        )}
                    </span>
                </>
            )}
        </>
    );
}

/** Sized by another of its measures. */
const sized =
    (by: Size['by'], length: number): Change<Line> =>
    ({ size }) =>
        Object.assign(size, { by, length });

function Label({ children }: { children: string }) {
    return <span className="text-xs text-quiet">{children}</span>;
}

/** What a line's gap is measured from; null where it says nothing. */
function gapWords(design: Design, line: Line): string | null {
    if (design.lines[0]?.id !== line.id) {
        return 'below the ink above';
    }
    return { top: 'below the area’s edge', middle: null, bottom: 'above the area’s edge' }[design.stack];
}

function AlignIcon({ at }: { at: Line['place']['align'] }) {
    const short = { left: 'M2 8h7', centre: 'M4 8h8', right: 'M7 8h7' }[at];
    return (
        <svg aria-hidden viewBox="0 0 16 12" className="h-3 w-4 fill-none stroke-current stroke-[1.6]">
            <path d={`M2 4h12 ${short}`} />
        </svg>
    );
}
