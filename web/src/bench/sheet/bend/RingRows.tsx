import { useShallow } from 'zustand/react/shallow';
import type { Follows, Line } from '../../../api/client';
import { Choice } from '../../../ui/Choice';
import { LengthField } from '../../../ui/LengthField';
import { Segments } from '../../../ui/Segments';
import { cardName, withLine } from '../../model/edits';
import { ringLeader } from '../../model/follows';
import { Row } from '../../shared/Row';
import { useBench, useBenchStore } from '../../state/store';
import { ShareRow } from './ShareRow';
import { useFollows } from './useFollows';

/** A line's ring, possibly shared with another line. */
function useRing(line: Line) {
    const leader = useBench(({ design }) => ringLeader(line, design));
    const { change } = useBenchStore().getState();
    return {
        ring: leader.follows.ring,
        putRing: (next: Partial<Follows['ring']>) =>
            change(withLine(leader.id, ({ follows }) => Object.assign(follows.ring, next))),
    };
}

/** Part and radius of the ring. */
export function RingRows({ line }: { line: Line }) {
    const { unit, put } = useFollows(line);
    const { ring, putRing } = useRing(line);
    return (
        <>
            <Row name="Ring">
                <Segments
                    label="Part of the ring"
                    small
                    value={line.follows.ring.part}
                    options={[
                        { value: 'upper', show: 'upper' },
                        { value: 'lower', show: 'lower' },
                        { value: 'round', show: 'all round' },
                    ]}
                    onChange={(part) => put((now) => (now.ring.part = part))}
                />
            </Row>
            <ShareRow line={line} />
            <Row name="Radius">
                <LengthField
                    label="Radius of the ring"
                    note="radius"
                    unit={unit}
                    least={2000}
                    rules
                    value={ring.radius}
                    onChange={(radius) => putRing({ radius })}
                />
            </Row>
        </>
    );
}

/** Rare ring settings: sharing, direction of the tops, gap between the ends. */
export function RingDetails({ line }: { line: Line }) {
    const { unit, put } = useFollows(line);
    const { ring, putRing } = useRing(line);
    const { follows } = line;
    const rings = useBench(
        useShallow(({ design }) =>
            design.lines
                .filter(({ id, follows }) => id !== line.id && follows.path === 'ring' && follows.ring.with === '')
                .map(({ id }) => id),
        ),
    );
    const design = useBench((bench) => bench.design);
    return (
        <>
            {rings.length > 0 && (
                <Row name="Shared">
                    <Choice
                        label="Shares the ring of"
                        className="flex-1"
                        value={follows.ring.with}
                        options={['', ...rings]}
                        by={(id) => id}
                        show={(id) => (
                            <span className="truncate">
                                {id === '' ? 'a ring of its own' : `the ring of ${cardName(design, id)}`}
                            </span>
                        )}
                        onChange={(id) =>
                            put((now) => {
                                // It keeps the shared ring's settings.
                                const { part, tops } = now.ring;
                                now.ring = { ...ring, part, tops, with: id };
                            })
                        }
                    />
                </Row>
            )}
            {follows.ring.part === 'round' && (
                <Row name="Tops point">
                    <Segments
                        label="Direction of the tops"
                        small
                        value={follows.ring.tops}
                        options={[
                            { value: 'outwards', show: 'outwards' },
                            { value: 'inwards', show: 'inwards' },
                        ]}
                        onChange={(tops) => put((now) => (now.ring.tops = tops))}
                    />
                </Row>
            )}
            <Row name="Ends">
                <Segments
                    label="Between the ends"
                    small
                    value={ring.ends}
                    options={[
                        { value: 'own', show: 'as spaced' },
                        { value: 'even', show: 'even' },
                        { value: 'gap', show: 'gap' },
                    ]}
                    onChange={(ends) => putRing({ ends })}
                />
                {ring.ends === 'gap' && (
                    <LengthField
                        label="Gap between the ends"
                        note="gap"
                        unit={unit}
                        value={ring.gap}
                        onChange={(gap) => putRing({ gap })}
                    />
                )}
            </Row>
        </>
    );
}
