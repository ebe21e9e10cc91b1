import type { Treatments } from '../../../api/client';
import { LengthField } from '../../../ui/LengthField';
import { NumberField } from '../../../ui/NumberField';
import { Segments } from '../../../ui/Segments';
import type { Card, Change } from '../../model/edits';
import { withCopiesSet, withRingOfCopies } from '../../model/edits/copying';
import { FilmChoice } from '../../shared/FilmChoice';
import { Row, Rows } from '../../shared/Row';
import { useBench, useBenchStore } from '../../state/store';
import { useTreatments } from '../card/useTreatments';

/** Copies of a card: a grid, a mirrored pair, or around a centre. */
export function CopiesDrawer({ card }: { card: Card }) {
    const unit = useBench((bench) => bench.design.unit);
    const { treatments, put } = useTreatments(card);
    const store = useBenchStore();
    const set = (next: Change<Treatments['copies']>) => {
        const { change, sheet } = store.getState();
        change(withCopiesSet(card.id, next, sheet));
    };
    const { kind, across, down, gap, count, radius, turn, every, film } = treatments.copies;
    return (
        <Rows>
            <Row name="Copies">
                <Segments
                    label="Copies"
                    field="copies"
                    small
                    value={kind}
                    options={[
                        { value: 'none', show: 'none' },
                        { value: 'grid', show: 'grid' },
                        { value: 'mirrored', show: 'pair' },
                        { value: 'around', show: 'ring' },
                    ]}
                    onChange={(next) =>
                        next === 'around'
                            ? store.getState().change(withRingOfCopies(card.id, store.getState().sheet))
                            : set((copies) => (copies.kind = next))
                    }
                />
            </Row>
            {kind === 'grid' && (
                <Row name="Grid">
                    <NumberField
                        label="Copies across"
                        unit="across"
                        least={1}
                        most={20}
                        value={across}
                        onChange={(next) => set((copies) => (copies.across = next))}
                    />
                    <NumberField
                        label="Copies down"
                        unit="down"
                        least={1}
                        most={20}
                        value={down}
                        onChange={(next) => set((copies) => (copies.down = next))}
                    />
                </Row>
            )}
            {kind === 'around' && (
                <Row name="Ring">
                    <NumberField
                        label="Copies around the centre"
                        unit="in all"
                        least={2}
                        most={60}
                        value={count}
                        onChange={(next) => set((copies) => (copies.count = next))}
                    />
                    <LengthField
                        label="Radius of the ring of copies"
                        note="radius"
                        atRight
                        unit={unit}
                        value={radius}
                        onChange={(next) => set((copies) => (copies.radius = next))}
                    />
                </Row>
            )}
            {kind === 'around' && (
                <Row name="Turned">
                    <NumberField
                        label="Turn of the ring of copies in degrees, clockwise"
                        unit="°"
                        least={-180}
                        most={180}
                        digits={1}
                        value={turn}
                        onChange={(next) => put((now) => (now.copies.turn = next))}
                    />
                </Row>
            )}
            {(kind === 'grid' || kind === 'mirrored') && (
                <Row name="Between">
                    <LengthField
                        label="Gap between the copies"
                        note="gap"
                        unit={unit}
                        value={gap}
                        onChange={(next) => set((copies) => (copies.gap = next))}
                    />
                </Row>
            )}
            {kind !== 'none' && (
                <Row name="Every">
                    <NumberField
                        label="Interval of copies in another film"
                        unit={every === 2 ? 'nd' : every === 3 ? 'rd' : 'th'}
                        least={2}
                        most={20}
                        value={every}
                        onChange={(next) => put((now) => (now.copies.every = next))}
                    />
                    <FilmChoice
                        label="Film of every second copy"
                        value={film}
                        none="in the same film"
                        onChange={(next) => put((now) => (now.copies.film = next?.id ?? ''), next)}
                    />
                </Row>
            )}
        </Rows>
    );
}
