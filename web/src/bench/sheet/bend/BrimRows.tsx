import type { Line } from '../../../api/client';
import { LengthField } from '../../../ui/LengthField';
import { NumberField } from '../../../ui/NumberField';
import { Segments } from '../../../ui/Segments';
import { Row } from '../../shared/Row';
import { ShareRow } from './ShareRow';
import { useFollows } from './useFollows';

/** A brim: how far in from its edge, how much of it, and where it reads from. */
export function BrimRows({ line }: { line: Line }) {
    const { unit, put } = useFollows(line);
    const { brim } = line.follows;
    return (
        <>
            <Row name="Brim">
                <LengthField
                    label="Distance in from the brim’s edge"
                    note="in"
                    unit={unit}
                    least={0}
                    value={brim.inset}
                    onChange={(inset) => put((now) => (now.brim.inset = inset))}
                />
                <NumberField
                    label="At most this much of the brim, in degrees"
                    unit="° of it"
                    least={10}
                    most={360}
                    value={brim.span}
                    onChange={(span) => put((now) => (now.brim.span = span), 'brim')}
                />
            </Row>
            <ShareRow line={line} />
            <Row name="Reads from">
                <Segments
                    label="Reads from"
                    small
                    value={brim.part}
                    options={[
                        { value: 'lower', show: 'the front' },
                        { value: 'upper', show: 'the back' },
                    ]}
                    onChange={(part) => put((now) => (now.brim.part = part))}
                />
            </Row>
        </>
    );
}
