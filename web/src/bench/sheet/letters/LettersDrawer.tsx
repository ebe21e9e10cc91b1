import { useQuery } from '@tanstack/react-query';
import { fonts } from '../../../api/queries';
import type { Line } from '../../../api/client';
import { LengthField } from '../../../ui/LengthField';
import { NumberField } from '../../../ui/NumberField';
import { isLine, withLine, type Card, type Change } from '../../model/edits';
import { More } from '../../shared/More';
import { Row, Rows } from '../../shared/Row';
import { openCard, partOf } from '../../state/select';
import { useBench, useBenchStore } from '../../state/store';
import { EqualWidths } from './EqualWidths';
import { EveryOther } from './EveryOther';
import { FontForms } from './FontForms';
import { LetterRow } from './LetterRow';
import { MendJoins } from './MendJoins';
import { OneLetter } from './OneLetter';
import { Ornaments } from './Ornaments';
import { RowsOfWords } from './RowsOfWords';

/** Letter settings: for all letters, or the chosen one. */
export function LettersDrawer({ card }: { card: Card }) {
    return isLine(card) ? <LettersOf line={card} /> : null;
}

function LettersOf({ line }: { line: Line }) {
    const letter = useBench((bench) => (openCard(bench) === line.id ? bench.letter : null));
    const chosen = letter !== null && letter < Array.from(line.lettering.words).length ? letter : null;
    return (
        <>
            <LetterRow line={line} chosen={chosen} />
            {chosen === null ? <AllLetters line={line} /> : <OneLetter key={chosen} line={line} at={chosen} />}
        </>
    );
}

function AllLetters({ line }: { line: Line }) {
    const unit = useBench((bench) => bench.design.unit);
    const letterHeight = useBench((bench) => partOf(bench, line.id)?.letterHeight ?? 0);
    const font = useQuery(fonts).data?.find(({ id }) => id === line.lettering.font);
    const { change } = useBenchStore().getState();
    const set = (what: string, next: Change<Line>) => change(withLine(line.id, next), `${what}:${line.id}`);
    const { size, lettering } = line;
    return (
        <>
            <Rows>
                <Row name="Spacing">
                    <NumberField
                        label="Letter spacing, in thousandths of the type size"
                        field="spacing"
                        unit="‰"
                        least={-500}
                        most={2000}
                        step={5}
                        value={lettering.spacing}
                        onChange={(spacing) => set('spacing', (now) => (now.lettering.spacing = spacing))}
                    />
                    <NumberField
                        label="Width of the letters in percent"
                        field="stretch"
                        unit="% wide"
                        least={10}
                        most={1000}
                        digits={2}
                        value={size.stretch}
                        onChange={(stretch) => set('stretch', (now) => (now.size.stretch = stretch))}
                    />
                </Row>
                <RowsOfWords line={line} />
                <Row name="Heft">
                    <LengthField
                        label="Heft: how much the strokes are grown or thinned on either side"
                        field="heft"
                        note="heavier"
                        unit={unit}
                        least={-1000}
                        most={2000}
                        value={lettering.heft}
                        onChange={(heft) => set('heft', (now) => (now.lettering.heft = heft))}
                    />
                </Row>
                <Row name="Capitals">
                    <LengthField
                        label="Cap height of the line"
                        note="high"
                        unit={unit}
                        least={500}
                        rules={size.by === 'letter'}
                        value={letterHeight || (size.by === 'letter' ? size.length : null)}
                        onChange={(length) => set('size', (now) => Object.assign(now.size, { by: 'letter', length }))}
                    />
                    <EqualWidths line={line} />
                </Row>
            </Rows>
            <MendJoins line={line} />
            <More fields={['forms']}>
                <FontForms line={line} font={font} />
                <div className="mt-1.5">
                    <Rows>
                        <EveryOther line={line} />
                        <Ornaments line={line} chosen={null} />
                    </Rows>
                </div>
            </More>
        </>
    );
}
