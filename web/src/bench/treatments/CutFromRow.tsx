import { LengthField } from '../../ui/LengthField';
import { Segments } from '../../ui/Segments';
import { Row } from '../Row';
import { Off } from './Off';
import { CardName } from './CardName';
import type { Treating } from './Treating';

/** What a card is cut from, and what becomes of the islands. */
export function CutFromRow({ treatments: { cutFrom }, put, design }: Treating) {
    const { unit } = design;
    return (
        <Row name="Cut from">
            <CardName id={cutFrom.card} design={design} />
            <Segments
                label="What becomes of the islands"
                small
                value={cutFrom.islands}
                options={[
                    { value: 'keep', show: 'islands loose' },
                    { value: 'drop', show: 'gone' },
                    { value: 'bridge', show: 'bridged' },
                ]}
                onChange={(islands) => put((now) => (now.cutFrom.islands = islands))}
            />
            {cutFrom.islands === 'bridge' && (
                <LengthField
                    label="Width of the bridges"
                    note="wide"
                    unit={unit}
                    least={200}
                    value={cutFrom.bridge}
                    onChange={(bridge) => put((now) => (now.cutFrom.bridge = bridge))}
                />
            )}
            <Off name="Cut it no longer" onClick={() => put((now) => (now.cutFrom.card = ''))} />
        </Row>
    );
}
