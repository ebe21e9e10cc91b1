import type { Letter, Line, Sheet, SheetPart } from '../../../api/client';
import { isPlaced } from '../follows';
import { joined } from '../pose';
import { ownerOf } from './belongings';
import { edit, inTurn, type Change, type Edit } from './edit';
import { plainLetter, withLetters } from './letters';
import { withPlace } from './places';

/**
 * Letters put where the hand has them: the others stay where and as large as they were when they were taken, whatever the line is
 * aligned to or sized by. Bent and turned lines find their places by themselves.
 *
 * @param line  when the letters were taken, and so the part and the sheet
 * @param by    how far they have gone since in the line's terms
 * @param right and in µm, and down
 */
export const withLetterAt =
    (
        line: Line,
        places: readonly number[],
        by: Pick<Letter, 'along' | 'across'>,
        part: SheetPart,
        right: number,
        down: number,
        sheet: Sheet,
    ): Edit =>
    (design) => {
        const nudge = withLetters(line.id, places, (now) => {
            const was = line.lettering.letters.find(({ at }) => at === now.at) ?? plainLetter(now.at);
            Object.assign(now, { along: was.along + by.along, across: was.across + by.across });
        });
        const frames = part.letters.map(({ at: place, frame }) =>
            places.includes(place) ? { ...frame, left: frame.left + right, top: frame.top + down } : frame,
        );
        if (!part.ink || frames.length === 0 || isPlaced(line) || part.handles !== null || part.turn !== 0) {
            return nudge(design);
        }
        const ink = joined(frames);
        const size: Change<Line> = ({ size: own }) => {
            const { by: side } = line.size;
            if (side === 'width' || side === 'area' || side === 'both') {
                Object.assign(own, { by: side === 'both' ? side : 'width', length: Math.round(ink.width) });
            }
            if (side === 'height' || side === 'both') {
                Object.assign(
                    own,
                    side === 'both' ? { high: Math.round(ink.height) } : { length: Math.round(ink.height) },
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
