import { useShallow } from 'zustand/react/shallow';
import type { Treatments } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { cardsOf, inTurn, withLetGo, withTreatments, type Card, type Change } from '../../model/edits';
import { withInset } from '../../model/edits/insets';
import { CardChoice } from '../../shared/CardChoice';
import { Row, Rows } from '../../shared/Row';
import type { Erasing } from '../../state/looks';
import { useBench, useBenchStore } from '../../state/store';
import { useTreatments } from '../card/useTreatments';
import { BelongsRows } from './BelongsRows';
import { CutFromRows } from './CutFromRows';
import { ErasedRows } from './ErasedRows';
import { SetIntoRows } from './SetIntoRows';

const shapes: readonly { shape: Erasing['shape']; show: string }[] = [
    { shape: 'rectangle', show: 'Erase rectangle' },
    { shape: 'freehand', show: 'Erase freehand' },
];

/** Insets, cut-outs and erased pieces of a card. */
export function InsetDrawer({ card }: { card: Card }) {
    const treating = useTreatments(card);
    const { setInto, cutFrom } = treating.treatments;
    const { look, change, sheet } = useBenchStore().getState();
    const others = useBench(
        useShallow(({ design }) => cardsOf(design).flatMap(({ id }) => (id === card.id ? [] : [id]))),
    );
    const erasing = useBench(({ erasing }) => (erasing?.card === card.id ? erasing.shape : null));
    const free = setInto.into === 'none' && cutFrom.card === '';
    // Back to its own size, detached.
    const takeOut = (out: Change<Treatments>) =>
        change(inTurn(withLetGo(card.id, sheet), withTreatments(card.id, out)));
    return (
        <>
            <Rows>
                {setInto.into !== 'none' && (
                    <SetIntoRows
                        {...treating}
                        others={others}
                        takeOut={() => takeOut((now) => Object.assign(now.setInto, { into: 'none', cards: [] }))}
                    />
                )}
                {cutFrom.card !== '' && (
                    <CutFromRows {...treating} takeOut={() => takeOut((now) => (now.cutFrom.card = ''))} />
                )}
            </Rows>
            {free && <Into card={card} others={others} />}
            <div className="mt-1.5">
                <Rows>
                    <BelongsRows card={card} others={others} />
                    <ErasedRows {...treating} />
                    <Row name="Erase">
                        {shapes.map(({ shape, show }) => (
                            <Button
                                key={shape}
                                look="words"
                                small
                                aria-pressed={erasing === shape}
                                className={erasing === shape ? 'underline' : ''}
                                aria-label={show}
                                onClick={() =>
                                    look({
                                        erasing: erasing === shape ? null : { card: card.id, shape },
                                        lasso: false,
                                        pane: 'stage',
                                    })
                                }
                            >
                                {shape}
                            </Button>
                        ))}
                    </Row>
                </Rows>
                {erasing && <p className="mt-1 text-xs">Draw around what to erase, on the stage.</p>}
            </div>
        </>
    );
}

/** Sets the card into another or cuts it from one, and attaches it there. */
function Into({ card: { id }, others }: { card: Card; others: readonly string[] }) {
    const { change, sheet } = useBenchStore().getState();
    if (others.length === 0) {
        return <p className="text-xs text-quiet">Add another card to set this one into it, or cut it from that.</p>;
    }
    return (
        <Rows>
            <Row name="Set into">
                <CardChoice
                    label="Set into"
                    none="choose a card"
                    cards={others}
                    onChange={(card) => change(withInset('setInto', id, card, sheet))}
                />
                <Button look="words" small onClick={() => change(withInset('setInto', id, null, sheet))}>
                    all it lies on
                </Button>
            </Row>
            <Row name="Cut from">
                <CardChoice
                    label="Cut from"
                    none="choose a card"
                    cards={others}
                    onChange={(card) => change(withInset('cutFrom', id, card, sheet))}
                />
            </Row>
        </Rows>
    );
}
