import { useShallow } from 'zustand/react/shallow';
import type { Line } from '../../../api/client';
import { NumberField } from '../../../ui/NumberField';
import { Segments } from '../../../ui/Segments';
import { putOnSide, sidesOf } from '../../model/sides';
import { CardChoice } from '../../shared/CardChoice';
import { Row } from '../../shared/Row';
import { useBench } from '../../state/store';
import { useFollows } from './useFollows';

/** Path along a form's or motif's outline: side, start, and where the words read upright. */
export function OutlinePathRows({ line }: { line: Line }) {
    const { put } = useFollows(line);
    const shapes = useBench(useShallow(({ design }) => [...design.forms, ...design.motifs].map(({ id }) => id)));
    const { outline } = line.follows;
    const { side, upright } = sidesOf(line.follows);
    return (
        <>
            <Row name="Of">
                <CardChoice
                    label="Outline of"
                    value={outline.shape}
                    cards={shapes}
                    onChange={(shape) => put((now) => (now.outline.shape = shape))}
                />
            </Row>
            <Row name="Side, start">
                <Segments
                    label="Side of the outline"
                    small
                    value={side}
                    options={[
                        { value: 'outside', show: 'outside' },
                        { value: 'inside', show: 'inside' },
                    ]}
                    onChange={(next) => put((now) => putOnSide(now, { side: next }))}
                />
                <NumberField
                    label="Start in percent of the outline, clockwise from the top"
                    unit="%"
                    least={-100}
                    most={100}
                    digits={1}
                    value={outline.start}
                    onChange={(start) => put((now) => (now.outline.start = start), 'start')}
                />
            </Row>
            <Row name="Upright">
                <Segments
                    label="Where the words read upright"
                    small
                    value={upright}
                    options={[
                        { value: 'top', show: 'at the top' },
                        { value: 'bottom', show: 'at the bottom' },
                    ]}
                    onChange={(next) => put((now) => putOnSide(now, { upright: next }))}
                />
            </Row>
        </>
    );
}
