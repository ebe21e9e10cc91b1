import { LengthField } from '../../../ui/LengthField';
import { Segments } from '../../../ui/Segments';
import { CardName } from '../../shared/CardName';
import { Off } from '../../shared/Off';
import { Row } from '../../shared/Row';
import { useBench } from '../../state/store';
import type { Treating } from '../card/useTreatments';

/** What a card is set into, and how far it stays clear of it. */
export function SetIntoRows({ treatments: { setInto }, put }: Treating) {
    const unit = useBench((bench) => bench.design.unit);
    return (
        <>
            <Row name="Set into">
                <CardName id={setInto.card} />
                <Off name="Remove the inset" onClick={() => put((now) => (now.setInto.card = ''))} />
            </Row>
            <Row name="Clearance">
                <LengthField
                    label="Clearance"
                    field="clearance"
                    note="clear"
                    unit={unit}
                    least={0}
                    value={setInto.clearance}
                    onChange={(clearance) => put((now) => (now.setInto.clearance = clearance))}
                />
            </Row>
            <Row name="Corners">
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
            </Row>
            <Row name="The inset">
                <Segments
                    label="What becomes of the inset"
                    small
                    value={setInto.keep ? 'kept' : 'shape'}
                    options={[
                        { value: 'kept', show: 'keep it' },
                        { value: 'shape', show: 'leave it open' },
                    ]}
                    onChange={(kept) => put((now) => (now.setInto.keep = kept === 'kept'))}
                />
            </Row>
        </>
    );
}
