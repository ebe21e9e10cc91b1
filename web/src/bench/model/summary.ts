import type { Design, Edge, Form, Line, Motif, Treatments, Unit } from '../../api/client';
import { show } from '../../measure';
import { cardName, isLine, type Card } from './edits';
import { isPlainEdge } from './follows';

/** A drawer of the open card. */
export type Drawer = 'place' | 'letters' | 'bend' | 'outlines' | 'inset' | 'copies' | 'shape' | 'colours';

/** A setting of a card in a few words, with its drawer and field. */
export interface Setting {
    words: string;
    drawer: Drawer;
    field: string;
}

/** All settings of a card not visible at rest, in the order of its drawers. */
export function settingsOf(card: Card, design: Design): Setting[] {
    const own = isLine(card)
        ? [...placeOf(card), ...lettersOf(card, design.unit), ...bendOf(card, design)]
        : 'shape' in card
          ? shapeOf(card, design.unit)
          : coloursOf(card);
    return [...own, ...treatmentsOf(card.treatments, design)];
}

/** A length without a trailing zero decimal. */
const brief = (length: number, unit: Unit) => show(length, unit).replace(/\.0$/, '');

function placeOf({ stacking }: Line): Setting[] {
    const all: (Setting | false)[] = [
        stacking.alignTo === 'above' && { words: 'aligned to the line above', drawer: 'place', field: 'alignTo' },
        stacking.tight && { words: 'stacked tight', drawer: 'place', field: 'tight' },
    ];
    return all.filter((setting) => setting !== false);
}

function lettersOf({ lettering, size }: Line, unit: Unit): Setting[] {
    const { spacing, heft, features, letters, wordForms, joins } = lettering;
    const forms = features.length + Number(wordForms) + Number(joins !== 'auto');
    const all: (Setting | false)[] = [
        spacing !== 0 && { words: `spacing ${spacing}`, drawer: 'letters', field: 'spacing' },
        size.stretch !== 100 && { words: `${Math.round(size.stretch)} % wide`, drawer: 'letters', field: 'stretch' },
        heft !== 0 && {
            words: `${heft > 0 ? 'heavier' : 'lighter'} ${brief(Math.abs(heft), unit)}`,
            drawer: 'letters',
            field: 'heft',
        },
        letters.length > 0 && {
            words: `${counted(letters.length, 'letter')} set`,
            drawer: 'letters',
            field: 'letters',
        },
        forms > 0 && { words: counted(forms, 'font form'), drawer: 'letters', field: 'forms' },
    ];
    return all.filter((setting) => setting !== false);
}

const counted = (count: number, what: string) => `${count} ${what}${count === 1 ? '' : 's'}`;

function bendOf(line: Line, design: Design): Setting[] {
    const words = followsWords(line, design);
    const { top, bottom } = line.fills;
    const edges = (['top', 'bottom'] as const).flatMap((name): Setting[] => {
        const edge = { top, bottom }[name];
        return isPlainEdge(edge)
            ? []
            : [{ words: `${name} ${edgeWords(edge, line, design)}`, drawer: 'bend', field: `${name} edge` }];
    });
    return [...(words ? [{ words, drawer: 'bend' as const, field: 'follows' }] : []), ...edges];
}

function followsWords({ follows }: Line, design: Design): string {
    const { unit } = design;
    switch (follows.path) {
        case 'straight':
            return '';
        case 'arc': {
            const { by, rise, radius, angle } = follows.arc;
            return by === 'rise'
                ? `arched ${brief(rise, unit)}`
                : by === 'radius'
                  ? `arched, radius ${brief(radius, unit)}`
                  : `arched ${angle}°`;
        }
        case 'ring': {
            const shared = design.lines.find(({ id }) => id === follows.ring.with);
            const half = { upper: 'top of', lower: 'bottom of', round: 'all round' }[follows.ring.part];
            return `${half} ring ${brief((shared ?? { follows }).follows.ring.radius, unit)}`;
        }
        case 'brim':
            return `brim, ${brief(follows.brim.inset, unit)} in`;
        case 'spiral':
            return `spiral ${brief(follows.spiral.inner, unit)}`;
        case 'outline':
            return `round ${cardName(design, follows.outline.shape)}`;
    }
}

function edgeWords(edge: Edge, line: Line, design: Design): string {
    return edge.shape === 'form'
        ? `fills ${line.fills.piece === '' ? '' : 'a piece of '}${cardName(design, line.fills.form)}`
        : `${edge.shape}${edge.shape === 'level' ? '' : ` ${brief(edge.rise, design.unit)}`}`;
}

function shapeOf({ shape, guide, size }: Form, unit: Unit): Setting[] {
    const all: (Setting | false)[] = [
        guide && { words: 'guide, not cut', drawer: 'shape', field: 'guide' },
        shape.corner > 0 && { words: `corners ${brief(shape.corner, unit)}`, drawer: 'shape', field: 'corner' },
        !size.proportional && { words: 'free proportions', drawer: 'shape', field: 'proportional' },
    ];
    return all.filter((setting) => setting !== false);
}

function coloursOf({ colours }: Motif): Setting[] {
    const out = colours.filter(({ film }) => film === '').length;
    return out > 0 ? [{ words: `${counted(out, 'colour')} left out`, drawer: 'colours', field: 'colour 1' }] : [];
}

function treatmentsOf(treatments: Treatments, design: Design): Setting[] {
    const { outlines, shadow, inline, setInto, cutFrom, copies, erased } = treatments;
    const { unit } = design;
    const film = (id: string) => design.films.find((own) => own.id === id)?.name ?? 'no film';
    const all: (Setting | false)[] = [
        ...outlines.map(({ width, film: own }, at): Setting => ({
            words: `outline ${brief(width, unit)} ${film(own)}`,
            drawer: 'outlines',
            field: `outline ${at + 1}`,
        })),
        shadow.kind !== 'none' && {
            words: `${shadow.kind} shadow ${brief(shadow.length, unit)} ${film(shadow.film)}`,
            drawer: 'outlines',
            field: 'shadow',
        },
        inline.width > 0 && {
            words: `inline ${brief(inline.width, unit)}`,
            drawer: 'outlines',
            field: 'inline',
        },
        setInto.into !== 'none' && {
            words: `set into ${intoWords(design, setInto)}, ${brief(setInto.clearance, unit)} clear`,
            drawer: 'inset',
            field: 'clearance',
        },
        cutFrom.card !== '' && {
            words: `cut from ${cardName(design, cutFrom.card)}`,
            drawer: 'inset',
            field: 'islands',
        },
        erased.length > 0 && { words: `${counted(erased.length, 'piece')} erased`, drawer: 'inset', field: 'erased' },
        copies.kind !== 'none' && { words: copyWords(copies), drawer: 'copies', field: 'copies' },
    ];
    return all.filter((setting) => setting !== false);
}

function intoWords(design: Design, { into, cards }: Treatments['setInto']): string {
    const [first, ...more] = cards;
    return into === 'all' || first === undefined
        ? 'all it lies on'
        : cardName(design, first) + (more.length > 0 ? ` and ${more.length} more` : '');
}

function copyWords({ kind, across, down, count }: Treatments['copies']): string {
    switch (kind) {
        case 'grid':
            return `${across} × ${down} copies`;
        case 'mirrored':
            return 'mirrored pair';
        case 'around':
            return `${count} in a ring`;
        case 'none':
            return '';
    }
}
