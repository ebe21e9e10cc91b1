import { LengthField } from '../../../ui/LengthField';
import { Segments } from '../../../ui/Segments';
import { CardChoice } from '../../shared/CardChoice';
import { CardName } from '../../shared/CardName';
import { Off } from '../../shared/Off';
import { Row } from '../../shared/Row';
import { useBench } from '../../state/store';
import type { Treating } from '../card/useTreatments';

interface Props extends Treating {
    /** All other cards. */
    others: readonly string[];
    /** Ends the inset. */
    takeOut: () => void;
}

/** Targets and clearance of an inset. */
export function SetIntoRows({ treatments: { setInto }, put, others, takeOut }: Props) {
    const unit = useBench((bench) => bench.design.unit);
    const more = others.filter((id) => !setInto.cards.includes(id));
    const out = (card: string) =>
        setInto.cards.length > 1
            ? put((now) => (now.setInto.cards = now.setInto.cards.filter((id) => id !== card)))
            : takeOut();
    return (
        <>
            {setInto.into === 'all' ? (
                <Row name="Set into">
                    <b className="text-xs">all it lies on</b>
                    <Off name="Take it out of all" onClick={takeOut} />
                </Row>
            ) : (
                setInto.cards.map((card, at) => (
                    <Row key={card} name={at === 0 ? 'Set into' : 'and'}>
                        <CardName id={card} />
                        <Off name="Remove the inset" onClick={() => out(card)} />
                    </Row>
                ))
            )}
            {setInto.into === 'cards' && more.length > 0 && (
                <Row name="and">
                    <CardChoice
                        label="Set into another card too"
                        none="another one too"
                        cards={more}
                        onChange={(card) => put((now) => now.setInto.cards.push(card))}
                    />
                </Row>
            )}
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
                    label="Keep or drop the inset"
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
