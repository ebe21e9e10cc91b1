import { useMemo, useState } from 'react';
import type { Design, Frame, Sheet } from '../api/client';
import { extentOf, Garment } from '../blanks/Garment';
import { brightness } from '../blanks/fabric';
import { Segments } from '../ui/Segments';
import { Guides } from './stage/Guides';
import { Ink } from './stage/Ink';
import { Pins } from './stage/Pins';
import { PlacementArea } from './stage/PlacementArea';
import { Selection } from './stage/Selection';
import { useDrag } from './stage/useDrag';
import { useView } from './stage/useView';

interface Props {
    design: Design;
    sheet: Sheet;
    chosen: string | null;
    onChoose: (line: string) => void;
    onMove: (line: string, dx: number, dy: number) => void;
}

export type Side = 'wear' | 'knife';

/** The blank in its own colour, the placement area with tape rulers, the lettering at true size. */
export function Stage({ design, sheet, chosen, onChoose, onMove }: Props) {
    const { placement } = design.blank;
    const [side, setSide] = useState<Side>('wear');
    const { ref, view, pixel, zoomIn, zoomOut, toArea, toBlank } = useView(
        sheet.area,
        { x: -placement.across, y: -placement.down },
        extentOf(design.blank),
    );
    // Dragging draws the stage anew at every frame; the garment stays as it is.
    const garment = useMemo(() => <Garment blank={design.blank} />, [design.blank]);
    const onDark = brightness(design.blank.fabric.colour) < 0.55;
    const { drag, handlers } = useDrag(sheet, pixel, onChoose, onMove);
    const shown = sheet.parts.find((part) => part.line === chosen)?.ink;

    return (
        <section aria-label="Stage" className="relative min-w-0 overflow-hidden">
            <div ref={ref} className="absolute inset-0">
                {view && (
                    <>
                        {/* A picture of its own, so that the cloth is not painted anew with every change of the ink. */}
                        <svg
                            aria-hidden
                            className="absolute inset-0 size-full will-change-transform"
                            viewBox={`${view.left} ${view.top} ${view.width} ${view.height}`}
                        >
                            {garment}
                        </svg>
                        <svg
                            role="img"
                            aria-label={describe(design, sheet)}
                            className="absolute inset-0 size-full will-change-transform"
                            viewBox={`${view.left} ${view.top} ${view.width} ${view.height}`}
                        >
                            <PlacementArea blank={design.blank} unit={design.unit} pixel={pixel} onDark={onDark} />
                            <Ink
                                films={design.films}
                                parts={sheet.parts}
                                side={side}
                                onDark={onDark}
                                drag={drag}
                                handlers={handlers}
                            />
                            {shown && (
                                <Selection frame={drag?.line === chosen ? moved(shown, drag) : shown} pixel={pixel} />
                            )}
                            {drag && <Guides guides={drag.guides} view={view} />}
                            <Pins snags={sheet.snags} pixel={pixel} onChoose={onChoose} />
                        </svg>
                    </>
                )}
            </div>
            <div className="absolute bottom-3 left-3.5 flex gap-2">
                <Segments
                    label="What is drawn"
                    value={side}
                    options={[
                        { value: 'wear', show: 'Wear side' },
                        { value: 'knife', show: 'Knife lines' },
                    ]}
                    onChange={setSide}
                />
                <span className="inline-flex overflow-hidden rounded-[3px] border border-seam bg-white">
                    <ViewButton label="Smaller" onClick={zoomOut}>
                        −
                    </ViewButton>
                    <ViewButton label="Show the area" onClick={toArea}>
                        Area
                    </ViewButton>
                    <ViewButton label="Show the whole blank" onClick={toBlank}>
                        Blank
                    </ViewButton>
                    <ViewButton label="Larger" onClick={zoomIn}>
                        +
                    </ViewButton>
                </span>
            </div>
        </section>
    );
}

function ViewButton({ label, onClick, children }: { label: string; onClick: () => void; children: string }) {
    return (
        <button
            aria-label={label}
            title={label}
            onClick={onClick}
            className="px-2.5 py-1 not-last:border-r not-last:border-seam hover:bg-tape focus-visible:-outline-offset-2"
        >
            {children}
        </button>
    );
}

const moved = (frame: Frame, by: { dx: number; dy: number }): Frame => ({
    ...frame,
    left: frame.left + by.dx,
    top: frame.top + by.dy,
});

function describe(design: Design, sheet: Sheet): string {
    const words = design.lines.map((line) => line.words).filter(Boolean);
    const on = `${design.blank.name} in ${design.blank.fabric.name}, ${design.blank.placement.name}`;
    return words.length === 0 || !sheet.ink ? `${on}, empty` : `${on}: ${words.join(', ')}`;
}
