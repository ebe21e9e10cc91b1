import type { Film } from '../../../api/client';
import { putOnSide } from '../sides';
import { edit, inTurn, type Edit } from './edit';
import { withNewLine } from './newLine';

/** Letter height, as a share of the form's shorter side. */
const HIGH = 0.16;

/**
 * A new line round the outline of a form or motif, a little away from it, in a film that shows against the fabric. A second one goes
 * along the bottom, upright, with letters as large as those of the first.
 */
export const withLineAround = (id: string, shape: string, rack: readonly Film[] = []): Edit =>
    inTurn(
        withNewLine(id, null, rack),
        edit((design) => {
            const line = design.lines.find((own) => own.id === id);
            const around = [...design.forms, ...design.motifs].find((card) => card.id === shape);
            if (line && around) {
                const length = Math.max(500, Math.round(HIGH * Math.min(around.size.width, around.size.height)));
                const others = design.lines.filter(
                    ({ follows }) => follows.path === 'outline' && follows.outline.shape === shape,
                );
                const first = others.find(({ size }) => size.by === 'letter');
                Object.assign(line.size, { by: 'letter', length: first?.size.length ?? length });
                Object.assign(line.follows, { path: 'outline', lift: 3000 });
                line.follows.outline.shape = shape;
                if (others.length === 1) {
                    putOnSide(line.follows, { upright: 'bottom' });
                }
            }
        }),
    );
