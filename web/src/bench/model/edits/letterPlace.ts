import type { Letter, Line, Sheet, SheetPart } from '../../../api/client';
import { isPlaced } from '../follows';
import { joined } from '../pose';
import { ownerOf } from './belongings';
import { edit, inTurn, type Change, type Edit } from './edit';
import { withLetter } from './letters';
import { withPlace } from './places';

/**
 * A letter put where the hand has it: the others stay where and as large as they were when it was taken, whatever the line is aligned
 * to or sized by. Bent and turned lines find their places by themselves.
 *
 * @param part  the line when the letter was taken, and so the sheet
 * @param right how far the letter has gone since, in µm, and down
 */
export const withLetterAt =
    (
        line: Line,
        at: number,
        next: Pick<Letter, 'along' | 'across'>,
        part: SheetPart,
        right: number,
        down: number,
        sheet: Sheet,
    ): Edit =>
    (design) => {
        const nudge = withLetter(line.id, at, (now) => Object.assign(now, next));
        const frames = part.letters.map(({ at: place, frame }) =>
            place === at ? { ...frame, left: frame.left + right, top: frame.top + down } : frame,
        );
        if (!part.ink || frames.length === 0 || isPlaced(line) || part.trace !== null || part.turn !== 0) {
            return nudge(design);
        }
        const ink = joined(frames);
        const size: Change<Line> = ({ size: own }) => {
            const { by } = line.size;
            if (by === 'width' || by === 'area' || by === 'both') {
                Object.assign(own, { by: by === 'both' ? by : 'width', length: Math.round(ink.width) });
            }
            if (by === 'height' || by === 'both') {
                Object.assign(
                    own,
                    by === 'both' ? { high: Math.round(ink.height) } : { length: Math.round(ink.height) },
                );
            }
        };
        const place = {
            left: Math.round(ink.left),
            top: Math.round(ink.top),
            width: Math.round(ink.width),
            height: Math.round(ink.height),
        };
        if (ownerOf(design, line.id)) {
            const { across, down: below } = line.belongs;
            const [dx, dy] = [ink.left + ink.width / 2 - part.middleX, ink.top + ink.height / 2 - part.middleY];
            const put = edit(({ lines }) =>
                lines.forEach((own) => {
                    if (own.id === line.id) {
                        size(own);
                        Object.assign(own.belongs, { across: Math.round(across + dx), down: Math.round(below + dy) });
                    }
                }),
            );
            return inTurn(nudge, put)(design);
        }
        return inTurn(nudge, withPlace(line.id, size, place, sheet))(design);
    };
