import { LengthField } from '../../../ui/LengthField';
import { Segments } from '../../../ui/Segments';
import { CardName } from '../../shared/CardName';
import { Off } from '../../shared/Off';
import { Row } from '../../shared/Row';
import { useBench } from '../../state/store';
import type { Treating } from '../card/useTreatments';

/** The card it is cut from, and its islands. */
export function CutFromRows({ treatments: { cutFrom }, put, takeOut }: Treating & { takeOut: () => void }) {
    const unit = useBench((bench) => bench.design.unit);
    const bridged = cutFrom.islands === 'bridge' || cutFrom.islands === 'bridge or drop';
    return (
        <>
            <Row name="Cut from">
                <CardName id={cutFrom.card} />
                <Off name="Remove the cut-out" onClick={takeOut} />
            </Row>
            <Row name="Islands">
                <Segments
                    label="Islands in the cut-out"
                    field="islands"
                    small
                    value={cutFrom.islands === 'bridge or drop' ? 'bridge' : cutFrom.islands}
                    options={[
                        { value: 'keep', show: 'loose' },
                        { value: 'drop', show: 'dropped' },
                        { value: 'bridge', show: 'bridged' },
                    ]}
                    onChange={(islands) => put((now) => (now.cutFrom.islands = islands))}
                />
            </Row>
            {bridged && (
                <Row name="Bridges">
                    <LengthField
                        label="Width of the bridges"
                        note="wide"
                        unit={unit}
                        least={200}
                        value={cutFrom.bridge}
                        onChange={(bridge) => put((now) => (now.cutFrom.bridge = bridge))}
                    />
                </Row>
            )}
            {bridged && (
                <Row name="No room">
                    <Segments
                        label="Counters too narrow for a bridge"
                        small
                        value={cutFrom.islands}
                        options={[
                            { value: 'bridge', show: 'loose' },
                            { value: 'bridge or drop', show: 'closed' },
                        ]}
                        onChange={(islands) => put((now) => (now.cutFrom.islands = islands))}
                    />
                </Row>
            )}
        </>
    );
}
