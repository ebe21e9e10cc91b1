import { useShallow } from 'zustand/react/shallow';
import { Button } from '../../../ui/Button';
import { cardsOf, inTurn, withLineOn, withTreatments, type Card } from '../../model/edits';
import { CardChoice } from '../../shared/CardChoice';
import { Row, Rows } from '../../shared/Row';
import type { Erasing } from '../../state/looks';
import { useBench, useBenchStore } from '../../state/store';
import { useTreatments } from '../card/useTreatments';
import { CutFromRows } from './CutFromRows';
import { ErasedRows } from './ErasedRows';
import { SetIntoRows } from './SetIntoRows';

const shapes: readonly { shape: Erasing['shape']; show: string }[] = [
    { shape: 'rectangle', show: 'Erase rectangle' },
    { shape: 'freehand', show: 'Erase freehand' },
];

/** What a card is set into or cut from, and what is erased from it. */
export function InsetDrawer({ card }: { card: Card }) {
    const treating = useTreatments(card);
    const { setInto, cutFrom } = treating.treatments;
    const { look } = useBenchStore().getState();
    const erasing = useBench(({ erasing }) => (erasing?.card === card.id ? erasing.shape : null));
    const free = setInto.card === '' && cutFrom.card === '';
    return (
        <>
            <Rows>
                {setInto.card !== '' && <SetIntoRows {...treating} />}
                {cutFrom.card !== '' && <CutFromRows {...treating} />}
            </Rows>
            {free && <Into card={card} />}
            <div className="mt-1.5">
                <Rows>
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
                {erasing && <p className="mt-1 text-xs">Draw round what is to go, on the stage.</p>}
            </div>
        </>
    );
}

/** Sets the card into another, or cuts it from one: it is put there, and made smaller if it is too wide. */
function Into({ card: { id } }: { card: Card }) {
    const { change, sheet } = useBenchStore().getState();
    const others = useBench(
        useShallow(({ design }) => cardsOf(design).flatMap((card) => (card.id === id ? [] : [card.id]))),
    );
    const solid = useBench(
        useShallow(({ design }) =>
            [...design.forms, ...design.motifs].flatMap((card) => (card.id === id ? [] : [card.id])),
        ),
    );
    const put = (what: 'setInto' | 'cutFrom', card: string) =>
        change(
            inTurn(
                withLineOn(id, card, sheet),
                withTreatments(id, (now) => (now[what].card = card)),
            ),
        );
    if (others.length === 0) {
        return <p className="text-xs text-quiet">Add another card to set this one into it, or cut it from a form.</p>;
    }
    return (
        <Rows>
            <Row name="Set into">
                <CardChoice
                    label="Set into"
                    none="choose a card"
                    cards={others}
                    onChange={(card) => put('setInto', card)}
                />
            </Row>
            {solid.length > 0 && (
                <Row name="Cut from">
                    <CardChoice
                        label="Cut from"
                        none="choose a form"
                        cards={solid}
                        onChange={(card) => put('cutFrom', card)}
                    />
                </Row>
            )}
        </Rows>
    );
}
