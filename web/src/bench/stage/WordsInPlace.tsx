import { useEffect, useMemo, useRef } from 'react';
import type { Line } from '../../api/client';
import { withWords } from '../model/edits';
import { faceOf } from '../../type/fontFaces';
import { cleaned, pasted, rowsOf } from '../shared/rows';
import { lineOf, partOf } from '../state/select';
import { useBench, useBenchStore } from '../state/store';
import { useStage } from './StageView';

/** The words being edited on the stage, if any. */
export function WordsInPlace() {
    const line = useBench((bench) => lineOf(bench.design, bench.edited));
    return line ? <WordsField key={line.id} line={line} /> : null;
}

/**
 * The words of a line, edited in place: a field over the lettering whose own letters can't be seen, so that the caret goes through
 * the exact weld beneath it; over bent lettering one that can be read.
 */
function WordsField({ line }: { line: Line }) {
    const { box, pixel } = useStage();
    const part = useBench((bench) => partOf(bench, line.id));
    const { change, look } = useBenchStore().getState();
    const onClose = () => look({ edited: null });
    const at = {
        x: ((part?.middleX ?? 0) - box.left) / pixel,
        y: ((part?.middleY ?? 0) - box.top) / pixel,
    };
    const ref = useRef<HTMLTextAreaElement>(null);
    useEffect(() => {
        ref.current?.focus();
        ref.current?.select();
    }, []);
    // A caret can't follow bent or stacked rows, so their field is beside the lettering.
    const rows = rowsOf(line.lettering.words);
    const isBent = rows > 1 || Boolean(part?.handles && (part.handles.path || part.handles.edges.length > 0));
    const width = isBent ? 260 : Math.max((part?.width ?? 0) / pixel, 60);
    const height = isBent ? 12 + 24 * rows : Math.max((part?.height ?? 0) / pixel, 24);
    const fit = useMemo(() => fitted(line, width), [line, width]);
    const { size, left } = isBent ? { size: 18, left: 0 } : fit;
    return (
        <textarea
            ref={ref}
            aria-label="Words on the stage"
            className={`absolute resize-none overflow-hidden rounded-[2px] border-b-2 border-dashed border-basting caret-marigold outline-none ${isBent ? 'bg-paper px-2 text-ink' : 'bg-transparent text-transparent selection:bg-basting/40 selection:text-transparent'}`}
            style={{
                fontFamily: `'${faceOf(line.lettering.font)}'`,
                fontSize: `${size}px`,
                letterSpacing: isBent ? 0 : `${line.lettering.spacing / 1000}em`,
                left: at.x - width / 2 - left,
                top: at.y - height / 2,
                width: width + left + size,
                height,
                ...(!isBent && { padding: 0 }),
                transformOrigin: `${width / 2 + left}px ${height / 2}px`,
                transform: isBent ? undefined : `rotate(${line.place.turn}deg)`,
            }}
            value={line.lettering.words}
            maxLength={2000}
            autoComplete="off"
            spellCheck={false}
            onChange={(event) => change(withWords(line.id, cleaned(event.target.value)), `words:${line.id}`)}
            onPaste={(event) => {
                event.preventDefault();
                change(withWords(line.id, pasted(event.clipboardData.getData('text'), event.currentTarget, line)));
            }}
            onBlur={onClose}
            onKeyDown={(event) => {
                // Enter starts another row, as in the card; Ctrl+Enter ends like Escape.
                if (event.key === 'Escape' || (event.key === 'Enter' && event.ctrlKey)) {
                    event.stopPropagation();
                    onClose();
                }
            }}
        />
    );
}

/** Font size at which the browser's letters match the ink's width, and the ink's left offset. */
function fitted(line: Line, width: number): { size: number; left: number } {
    const context = document.createElement('canvas').getContext('2d');
    if (!context || line.lettering.words.trim() === '') {
        return { size: 24, left: 0 };
    }
    context.font = `100px '${faceOf(line.lettering.font)}'`;
    const measured = context.measureText(line.lettering.words);
    const spacing = (line.lettering.words.length - 1) * (line.lettering.spacing / 1000) * 100;
    const ink = measured.actualBoundingBoxRight + measured.actualBoundingBoxLeft + spacing;
    const size = ink > 0 ? (width / ink) * 100 : 24;
    return { size, left: (-measured.actualBoundingBoxLeft * size) / 100 };
}
