import type { Line } from '../../../api/client';
import { LengthField } from '../../../ui/LengthField';
import { NumberField } from '../../../ui/NumberField';
import { Segments } from '../../../ui/Segments';
import { Row } from '../../shared/Row';
import { partOf } from '../../state/select';
import { useBench } from '../../state/store';
import { useFollows } from './useFollows';

/** An arc: which way it bows, what defines it, and how much. */
export function ArcRows({ line }: { line: Line }) {
    const { unit, put } = useFollows(line);
    const radius = useBench((bench) => partOf(bench, line.id)?.handles?.circle?.radius);
    const { arc } = line.follows;
    return (
        <>
            <Row name="Arc">
                <Segments
                    label="Direction of the arc"
                    small
                    value={arc.bows}
                    options={[
                        { value: 'up', show: 'up' },
                        { value: 'down', show: 'down' },
                    ]}
                    onChange={(bows) => put((now) => (now.arc.bows = bows))}
                />
                {arc.by === 'rise' && (
                    <LengthField
                        label="Rise of the arc"
                        note="rise"
                        atRight
                        unit={unit}
                        least={0}
                        rules
                        value={arc.rise}
                        onChange={(rise) => put((now) => (now.arc.rise = rise))}
                    />
                )}
                {arc.by === 'radius' && (
                    <LengthField
                        label="Radius of the arc"
                        note="radius"
                        atRight
                        unit={unit}
                        least={500}
                        rules
                        value={arc.radius}
                        onChange={(radius) => put((now) => (now.arc.radius = radius))}
                    />
                )}
                {arc.by === 'angle' && (
                    <NumberField
                        label="Angle of the arc in degrees"
                        unit="°"
                        least={0}
                        most={355}
                        digits={1}
                        value={arc.angle}
                        onChange={(angle) => put((now) => (now.arc.angle = angle), 'arc')}
                    />
                )}
            </Row>
            <Row name="Defined by">
                <Segments
                    label="Arc defined by"
                    small
                    value={arc.by}
                    options={[
                        { value: 'rise', show: 'rise' },
                        { value: 'radius', show: 'radius' },
                        { value: 'angle', show: 'angle' },
                    ]}
                    onChange={(by) =>
                        put((now) => Object.assign(now.arc, { by, ...(radius !== undefined && { radius }) }))
                    }
                />
            </Row>
        </>
    );
}
