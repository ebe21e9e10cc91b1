import { LengthField } from '../../ui/LengthField';
import { NumberField } from '../../ui/NumberField';
import { Segments } from '../../ui/Segments';
import { Row } from '../Row';
import { Off } from './Off';
import type { Treating } from './Treating';

/** Copies of a card. */
export function CopiesRow({ treatments: { copies }, put, design }: Treating) {
    const { unit } = design;
    return (
        <Row name="Copies">
            <Segments
                label="How the copies stand"
                small
                value={copies.kind}
                options={[
                    { value: 'grid', show: 'grid' },
                    { value: 'mirrored', show: 'pair' },
                    { value: 'around', show: 'around' },
                ]}
                onChange={(kind) => put((now) => (now.copies.kind = kind))}
            />
            {copies.kind === 'grid' && (
                <>
                    <NumberField
                        label="Copies across"
                        unit="across"
                        least={1}
                        most={20}
                        value={copies.across}
                        onChange={(across) => put((now) => (now.copies.across = across))}
                    />
                    <NumberField
                        label="Copies down"
                        unit="down"
                        least={1}
                        most={20}
                        value={copies.down}
                        onChange={(down) => put((now) => (now.copies.down = down))}
                    />
                </>
            )}
            {copies.kind === 'around' ? (
                <>
                    <NumberField
                        label="How many around the centre"
                        unit="in all"
                        least={2}
                        most={60}
                        value={copies.count}
                        onChange={(count) => put((now) => (now.copies.count = count))}
                    />
                    <LengthField
                        label="Distance to the centre"
                        note="radius"
                        unit={unit}
                        value={copies.radius}
                        onChange={(radius) => put((now) => (now.copies.radius = radius))}
                    />
                </>
            ) : (
                <LengthField
                    label="Gap between the copies"
                    note="gap"
                    unit={unit}
                    value={copies.gap}
                    onChange={(gap) => put((now) => (now.copies.gap = gap))}
                />
            )}
            <Off name="Remove the copies" onClick={() => put((now) => (now.copies.kind = 'none'))} />
        </Row>
    );
}
