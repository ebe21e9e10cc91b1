import type { Line } from '../../../api/client';
import { LengthField } from '../../../ui/LengthField';
import { NumberField } from '../../../ui/NumberField';
import { Segments } from '../../../ui/Segments';
import { distanceFrom, putAtDistance, sitOn } from '../../model/sides';
import { Row } from '../../shared/Row';
import { useFollows } from './useFollows';

/** How letters sit on whatever they follow. */
export function OnThePath({ line }: { line: Line }) {
    const { unit, put } = useFollows(line);
    const { follows } = line;
    return (
        <>
            <Row name="On the path">
                <Segments
                    label="Part of the letters on the path"
                    small
                    value={follows.sits}
                    options={[
                        { value: 'baseline', show: 'baseline' },
                        { value: 'middle', show: 'centre' },
                        { value: 'top', show: 'cap height' },
                    ]}
                    onChange={(sits) => put((now) => sitOn(now, sits))}
                />
            </Row>
            <Row name="Distance">
                <LengthField
                    label="Distance from the path"
                    note="off the path"
                    unit={unit}
                    value={distanceFrom(follows)}
                    onChange={(distance) => put((now) => putAtDistance(now, distance))}
                />
            </Row>
            <Row name="Letters">
                <Segments
                    label="How letters follow the path"
                    small
                    value={follows.letters}
                    options={[
                        { value: 'auto', show: 'by font' },
                        { value: 'turned', show: 'turned' },
                        { value: 'bent', show: 'bent' },
                    ]}
                    onChange={(letters) => put((now) => (now.letters = letters))}
                />
            </Row>
            <Row name="Even out">
                <NumberField
                    label="Evening out of the spacing on the curve in percent; 0 is off"
                    unit="%"
                    least={0}
                    most={300}
                    step={10}
                    value={follows.evening}
                    onChange={(evening) => put((now) => (now.evening = evening), 'evening')}
                />
            </Row>
        </>
    );
}
