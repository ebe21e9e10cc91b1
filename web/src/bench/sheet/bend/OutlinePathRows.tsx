import { useShallow } from 'zustand/react/shallow';
import type { Line } from '../../../api/client';
import { NumberField } from '../../../ui/NumberField';
import { Segments } from '../../../ui/Segments';
import { CardChoice } from '../../shared/CardChoice';
import { Row } from '../../shared/Row';
import { useBench } from '../../state/store';
import { useFollows } from './useFollows';

/** The outline of a form or motif: whose, on which side, and where on it the words start. */
export function OutlinePathRows({ line }: { line: Line }) {
    const { put } = useFollows(line);
    const shapes = useBench(useShallow(({ design }) => [...design.forms, ...design.motifs].map(({ id }) => id)));
    const { outline } = line.follows;
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
                    value={outline.side}
                    options={[
                        { value: 'outside', show: 'outside' },
                        { value: 'inside', show: 'inside' },
                    ]}
                    onChange={(side) => put((now) => (now.outline.side = side))}
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
        </>
    );
}
