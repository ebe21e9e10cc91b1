import { LengthField } from '../../ui/LengthField';
import { Segments } from '../../ui/Segments';
import { Row } from '../Row';
import { Off } from './Off';
import { CardName } from './CardName';
import type { Treating } from './Treating';

/** What a card is set into, and how far it stays clear of it. */
export function SetIntoRow({ treatments: { setInto }, put, design }: Treating) {
    const { unit } = design;
    return (
        <Row name="Set into">
            <CardName id={setInto.card} design={design} />
            <LengthField
                label="Clearance"
                note="clear"
                unit={unit}
                least={0}
                value={setInto.clearance}
                onChange={(clearance) => put((now) => (now.setInto.clearance = clearance))}
            />
            <Segments
                label="What becomes of the inset"
                small
                value={setInto.keep ? 'kept' : 'shape'}
                options={[
                    { value: 'kept', show: 'is cut too' },
                    { value: 'shape', show: 'leaves its shape' },
                ]}
                onChange={(kept) => put((now) => (now.setInto.keep = kept === 'kept'))}
            />
            <Segments
                label="Corners of the clearance"
                small
                value={setInto.corner}
                options={[
                    { value: 'round', show: 'round' },
                    { value: 'pointed', show: 'pointed' },
                    { value: 'flat', show: 'flat' },
                ]}
                onChange={(corner) => put((now) => (now.setInto.corner = corner))}
            />
            <Off name="Take it out again" onClick={() => put((now) => (now.setInto.card = ''))} />
        </Row>
    );
}
