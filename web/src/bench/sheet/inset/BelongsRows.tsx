import { Button } from '../../../ui/Button';
import { isLine, ownerOf, withCard, withLetGo, withOwner, type Card } from '../../model/edits';
import { isPlaced } from '../../model/follows';
import { CardChoice } from '../../shared/CardChoice';
import { CardName } from '../../shared/CardName';
import { Row } from '../../shared/Row';
import { partOf } from '../../state/select';
import { useBench, useBenchStore } from '../../state/store';

/** The owner of a card, which it moves, rotates, scales and is copied with until let go. */
export function BelongsRows({ card, others }: { card: Card; others: readonly string[] }) {
    const owner = useBench(({ design }) => ownerOf(design, card.id)?.id);
    const fit = useBench((bench) => {
        const [own, other] = [partOf(bench, card.id), owner === undefined ? undefined : partOf(bench, owner)];
        return own && other ? share(own, other) : 1;
    });
    const { change, sheet } = useBenchStore().getState();
    if (owner === undefined) {
        return others.length === 0 || (isLine(card) && isPlaced(card)) ? null : (
            <Row name="Belongs to">
                <CardChoice
                    label="Belongs to"
                    none="no other card"
                    cards={others}
                    onChange={(other) => change(withOwner(card.id, other, sheet))}
                />
            </Row>
        );
    }
    const { scale } = card.belongs;
    const scaled = (to: number) => change(withCard(card.id, ({ belongs }) => (belongs.scale = to)));
    return (
        <>
            <Row name="Belongs to">
                <CardName id={owner} />
                <Button look="words" small onClick={() => change(withLetGo(card.id, sheet))}>
                    Let go
                </Button>
            </Row>
            {(scale !== 100 || fit < 0.995) && (
                <Row name="Size on it">
                    <span className="text-xs">{scale === 100 ? 'as typed' : `${Math.round(scale)} % of its own`}</span>
                    {fit < 0.995 && (
                        <Button
                            look="words"
                            small
                            onClick={() => scaled(Math.max(1, Math.floor(scale * fit * 10) / 10))}
                        >
                            Shrink to fit
                        </Button>
                    )}
                    {scale !== 100 && (
                        <Button look="words" small onClick={() => scaled(100)}>
                            As typed
                        </Button>
                    )}
                </Row>
            )}
        </>
    );
}

interface Measured {
    width: number;
    height: number;
}

/** Scale at which a card takes at most four fifths of its owner's width and height. */
const share = (own: Measured, other: Measured) =>
    own.width > 0 && own.height > 0 ? Math.min((0.8 * other.width) / own.width, (0.8 * other.height) / own.height) : 1;
