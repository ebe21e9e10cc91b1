import { useMemo, type ReactNode } from 'react';
import type { Design, Erasure, Letter, Line, Pressed, Sheet, SheetFix, SheetSnag, SlipResult } from '../api/client';
import { brightness } from '../blanks/brightness';
import { Garment } from '../blanks/Garment';
import { Segments } from '../ui/Segments';
import type { Change } from './edits';
import { FinishPatterns } from './films/FinishPatterns';
import type { Looking } from './films/looking';
import { FilmsLook } from './stage/FilmsLook';
import { ChosenLetter } from './stage/ChosenLetter';
import { Grounds } from './stage/Grounds';
import { Guides } from './stage/Guides';
import { Ink } from './stage/Ink';
import { OtherAreas } from './stage/OtherAreas';
import { Pins } from './stage/Pins';
import { Reshape } from './stage/Reshape';
import { PlacementArea } from './stage/PlacementArea';
import { Selection } from './stage/Selection';
import { SnagNote } from './stage/SnagNote';
import { useHands, type Gesture } from './stage/useHands';
import { usePan } from './stage/usePan';
import type { View } from './stage/useView';
import type { Shown } from './Tidied';
import { TidiedPlaces, untidied } from './stage/TidiedPlaces';
import { TakeOut, type TakingOut } from './stage/TakeOut';
import { WordsInPlace } from './stage/WordsInPlace';

export type Side = 'wear' | 'knife' | 'lost';

interface Props {
    design: Design;
    sheet: Sheet;
    view: View;
    side: Side;
    /** The shape of all that is too thin or too small to be cut and weeded. */
    lost: string;
    looking: Looking;
    pressed: Pressed | undefined;
    slip: SlipResult | undefined;
    /** The film that is pointed at among the films. */
    pointed: string | null;
    /** Whether what was tidied away is shown. */
    tidied: Shown;
    taking: TakingOut | null;
    onTake: (card: string, piece: Pick<Erasure, 'points' | 'of'>) => void;
    onSide: (side: Side) => void;
    chosen: string | null;
    onChoose: (card: string | null) => void;
    snag: SheetSnag | null;
    onSnag: (snag: SheetSnag | null) => void;
    /** The line whose words are edited where they stand. */
    edited: string | null;
    onEdit: (line: string | null) => void;
    onWords: (line: string, words: string) => void;
    onDrop: (gesture: Gesture) => void;
    onReshape: (change: Change<Line>, what: string) => void;
    onFix: (snag: SheetSnag, fix: SheetFix) => void;
    /** The chosen letter of the chosen line. */
    letter: number | null;
    onLetter: (line: string, at: number, next: Partial<Letter>) => void;
}

/** The blank in its own colour, the placement area with tape rulers, the lettering at true size. */
export function Stage(props: Props) {
    const { design, sheet, view, side, chosen, snag, edited, onChoose, onEdit } = props;
    const { blank, unit } = design;
    const { view: box, pixel, toStage, look, zoom, target, attach } = view;
    // Dragging draws the stage anew at every frame; the garment stays as it is.
    const garment = useMemo(
        () => <Garment drawing={blank.drawing} colour={blank.fabric.colour} frame={sheet.blank} />,
        [blank.drawing, blank.fabric.colour, sheet.blank],
    );
    const onDark = brightness(blank.fabric.colour) < 0.55;
    const { gesture, handlers } = useHands(design, sheet, pixel, toStage, onChoose, props.onDrop);
    const hand = usePan(view, () => {
        onChoose(null);
        props.onSnag(null);
    });
    const line = design.lines.find(({ id }) => id === chosen);
    const item = line ?? [...design.forms, ...design.motifs].find(({ id }) => id === chosen);
    const part = sheet.parts.find((candidate) => candidate.card === chosen);
    const editedLine = design.lines.find(({ id }) => id === edited);
    const editedPart = sheet.parts.find((candidate) => candidate.card === edited);
    const takenPart = sheet.parts.find((candidate) => candidate.card === props.taking?.card);
    const viewBox = box ? `${box.left} ${box.top} ${box.width} ${box.height}` : '0 0 1 1';

    return (
        <section aria-label="Stage" className="relative min-w-0 overflow-hidden select-none">
            <div ref={attach} className="absolute inset-0 touch-none" {...hand}>
                {box && (
                    <>
                        {/* A picture of its own, so that the cloth is not painted anew with every change of the ink. */}
                        <svg aria-hidden className="absolute inset-0 size-full will-change-transform" viewBox={viewBox}>
                            {garment}
                        </svg>
                        <svg
                            role="img"
                            aria-label={describe(design, sheet)}
                            className="absolute inset-0 size-full"
                            viewBox={viewBox}
                        >
                            <OtherAreas blank={blank} pixel={pixel} onDark={onDark} />
                            <PlacementArea blank={blank} unit={unit} pixel={pixel} onDark={onDark} />
                            <Grounds lines={design.lines} parts={sheet.parts} handlers={handlers} onEdit={onEdit} />
                        </svg>
                        <svg aria-hidden className="absolute size-0">
                            <FinishPatterns films={design.films} />
                        </svg>
                        <FilmsLook
                            design={design}
                            looking={props.looking}
                            pressed={props.pressed}
                            slip={props.slip}
                            view={box}
                        />
                        <Ink
                            films={design.films}
                            pointed={props.looking.at === 'all' ? props.pointed : null}
                            hidden={props.looking.at !== 'all' && props.pressed !== undefined}
                            parts={props.tidied === 'before' ? untidied(sheet) : sheet.parts}
                            side={side}
                            onDark={onDark}
                            gesture={gesture}
                            view={box}
                            pixel={pixel}
                            handlers={handlers}
                            onEdit={onEdit}
                        />
                        <svg
                            aria-hidden
                            className="pointer-events-none absolute inset-0 size-full will-change-transform"
                            viewBox={viewBox}
                        >
                            {props.tidied !== 'not' && (
                                <TidiedPlaces removals={sheet.removals} before={props.tidied === 'before'} />
                            )}
                            {side === 'lost' && props.lost && (
                                <path
                                    data-part="lost"
                                    d={props.lost}
                                    fill="#b3372f"
                                    fillRule="evenodd"
                                    stroke="#fff"
                                    strokeWidth=".8"
                                    vectorEffect="non-scaling-stroke"
                                />
                            )}
                            {/* What is cut out of something has no ink of its own to be taken by. */}
                            <g className="pointer-events-auto">
                                <Grounds
                                    lines={design.lines.filter(({ treatments }) => treatments.cutFrom.card !== '')}
                                    parts={sheet.parts}
                                    handlers={handlers}
                                    onEdit={onEdit}
                                />
                            </g>
                            {line && part?.trace && !gesture && (
                                <Reshape
                                    line={line}
                                    design={design}
                                    trace={part.trace}
                                    pixel={pixel}
                                    toStage={toStage}
                                    onChange={props.onReshape}
                                />
                            )}
                            {item && part?.ink && (
                                <Selection
                                    item={item}
                                    part={part}
                                    unit={unit}
                                    gesture={gesture?.card === chosen ? gesture : null}
                                    pixel={pixel}
                                    handlers={handlers}
                                />
                            )}
                            {line && part && props.letter !== null && (
                                <ChosenLetter
                                    line={line}
                                    part={part}
                                    at={props.letter}
                                    pixel={pixel}
                                    toStage={toStage}
                                    onLetter={(next) => props.onLetter(line.id, props.letter ?? 0, next)}
                                />
                            )}
                            {props.taking && takenPart?.ink && (
                                <TakeOut
                                    taking={props.taking}
                                    part={takenPart}
                                    view={box}
                                    toStage={toStage}
                                    onTake={(piece) => props.onTake(props.taking?.card ?? '', piece)}
                                />
                            )}
                            {gesture && <Guides guides={gesture.guides} view={box} />}
                            <Pins
                                snags={sheet.snags}
                                chosen={snag?.number ?? null}
                                pixel={pixel}
                                onChoose={props.onSnag}
                            />
                        </svg>
                    </>
                )}
            </div>
            {box && editedLine && (
                <WordsInPlace
                    key={editedLine.id}
                    line={editedLine}
                    part={editedPart}
                    pixel={pixel}
                    at={{
                        x: ((editedPart?.middleX ?? 0) - box.left) / pixel,
                        y: ((editedPart?.middleY ?? 0) - box.top) / pixel,
                    }}
                    onChange={(words) => props.onWords(editedLine.id, words)}
                    onClose={() => onEdit(null)}
                />
            )}
            {box && snag && (
                <SnagNote snag={snag} view={box} pixel={pixel} onClose={() => props.onSnag(null)} onFix={props.onFix} />
            )}
            <div className="absolute bottom-3 left-3.5 flex gap-2">
                <Segments
                    label="What is drawn"
                    value={side}
                    options={[
                        { value: 'wear', show: 'Wear side' },
                        { value: 'knife', show: 'Knife lines' },
                        { value: 'lost', show: 'What is lost' },
                    ]}
                    onChange={props.onSide}
                />
                <span className="inline-flex overflow-hidden rounded-[3px] border border-seam bg-white">
                    <ViewButton label="Smaller" onClick={() => zoom(1 / 1.25)}>
                        −
                    </ViewButton>
                    <ViewButton label="Show the area" on={target === 'area'} onClick={() => look('area')}>
                        Area
                    </ViewButton>
                    <ViewButton label="Show the ink" on={target === 'ink'} onClick={() => look('ink')}>
                        Ink
                    </ViewButton>
                    <ViewButton label="Show the whole blank" on={target === 'blank'} onClick={() => look('blank')}>
                        Blank
                    </ViewButton>
                    <ViewButton label="Larger" onClick={() => zoom(1.25)}>
                        +
                    </ViewButton>
                </span>
            </div>
        </section>
    );
}

interface ViewButtonProps {
    label: string;
    on?: boolean;
    onClick: () => void;
    children: ReactNode;
}

function ViewButton({ label, on = false, onClick, children }: ViewButtonProps) {
    return (
        <button
            aria-label={label}
            title={label}
            onClick={onClick}
            className={`px-2.5 py-1 not-last:border-r not-last:border-seam hover:bg-tape focus-visible:-outline-offset-2 ${on ? 'bg-tape' : ''}`}
        >
            {children}
        </button>
    );
}

function describe(design: Design, sheet: Sheet): string {
    const words = design.lines
        .filter((line) => !line.hidden && line.lettering.words.trim())
        .map((line) => line.lettering.words);
    const on = `${design.blank.name} in ${design.blank.fabric.name}, ${design.blank.placement.name}`;
    return words.length === 0 || !sheet.ink ? `${on}, empty` : `${on}: ${words.join(', ')}`;
}
