import type { Design, Follows, Line, SheetPart } from '../api/client';
import { Choice } from '../ui/Choice';
import { LengthField } from '../ui/LengthField';
import { NumberField } from '../ui/NumberField';
import { Segments } from '../ui/Segments';
import { pathNames, putOnPath, ringLeader } from './follows';
import { Row } from './Row';
import { cardName, withLine, type Put } from './edits';
import type { Draft } from './useDesign';

interface Props {
    line: Line;
    part: SheetPart | undefined;
    design: Design;
    set: Put<Line>;
    change: Draft['change'];
}

/** What a line runs along: rows of the open card. */
export function LineFollows({ line, part, design, set, change }: Props) {
    const { follows } = line;
    const { unit } = design;
    const paths = (Object.keys(pathNames) as Follows['path'][]).filter(
        (path) =>
            path === follows.path ||
            ((path !== 'brim' || design.blank.placement.brim) &&
                (path !== 'outline' || design.forms.length + design.motifs.length > 0)),
    );
    const put: Put<Follows> = (change, what) => set((now) => change(now.follows), what);
    const { arc, brim, spiral, outline } = follows;
    const leader = ringLeader(line, design);
    const ring = leader.follows.ring;
    const putRing = (next: Partial<Follows['ring']>) =>
        change(withLine(leader.id, (now) => Object.assign(now.follows.ring, next)));
    const centre = follows.path === 'spiral' ? spiral : ring;
    const putCentre = (next: { across?: number; down?: number }) =>
        follows.path === 'spiral' ? put((now) => Object.assign(now.spiral, next)) : putRing(next);
    const rings = design.lines.filter(
        (other) => other.id !== line.id && other.follows.path === 'ring' && other.follows.ring.with === '',
    );

    return (
        <>
            <Row name="Follows">
                <Choice
                    label="Follows"
                    className="flex-1"
                    value={follows.path}
                    options={paths}
                    by={(path) => path}
                    show={(path) => (path === 'straight' ? 'nothing: straight' : pathNames[path])}
                    onChange={(path) =>
                        change((now) => withLine(line.id, (own) => putOnPath(own, path, part, now))(now))
                    }
                />
            </Row>
            {follows.path === 'arc' && (
                <>
                    <Row name="">
                        <Segments
                            label="Which way the arc bows"
                            small
                            value={arc.bows}
                            options={[
                                { value: 'up', show: 'up' },
                                { value: 'down', show: 'down' },
                            ]}
                            onChange={(bows) => put((now) => (now.arc.bows = bows))}
                        />
                        <Segments
                            label="What rules the arc"
                            small
                            value={arc.by}
                            options={[
                                { value: 'rise', show: 'rise' },
                                { value: 'radius', show: 'radius' },
                                { value: 'angle', show: 'angle' },
                            ]}
                            onChange={(by) =>
                                put((now) =>
                                    Object.assign(now.arc, {
                                        by,
                                        ...(part?.trace?.circle && { radius: part.trace.circle.radius }),
                                    }),
                                )
                            }
                        />
                    </Row>
                    <Row name="">
                        {arc.by === 'rise' && (
                            <LengthField
                                label="Rise of the arc"
                                note="rise"
                                unit={unit}
                                least={0}
                                rules
                                value={arc.rise}
                                onChange={(rise) => put((now) => (now.arc.rise = rise))}
                            />
                        )}
                        {arc.by === 'radius' && (
                            <LengthField
                                label="Radius of the arc"
                                note="radius"
                                unit={unit}
                                least={500}
                                rules
                                value={arc.radius}
                                onChange={(radius) => put((now) => (now.arc.radius = radius))}
                            />
                        )}
                        {arc.by === 'angle' && (
                            <NumberField
                                label="Angle of the arc in degrees"
                                unit="°"
                                least={0}
                                most={355}
                                digits={1}
                                value={arc.angle}
                                onChange={(angle) => put((now) => (now.arc.angle = angle), 'arc')}
                            />
                        )}
                    </Row>
                </>
            )}
            {follows.path === 'ring' && (
                <>
                    <Row name="">
                        <Segments
                            label="How much of the ring"
                            small
                            value={follows.ring.part}
                            options={[
                                { value: 'upper', show: 'upper' },
                                { value: 'lower', show: 'lower' },
                                { value: 'round', show: 'all round' },
                            ]}
                            onChange={(half) => put((now) => (now.ring.part = half))}
                        />
                        <LengthField
                            label="Radius of the ring"
                            note="r"
                            atRight
                            unit={unit}
                            least={2000}
                            rules
                            value={ring.radius}
                            onChange={(radius) => putRing({ radius })}
                        />
                    </Row>
                    {rings.length > 0 && (
                        <Row name="Shares">
                            <Choice
                                label="Whose ring it shares"
                                className="flex-1"
                                value={follows.ring.with}
                                options={['', ...rings.map(({ id }) => id)]}
                                by={(id) => id}
                                show={(id) => (
                                    <span className="truncate">
                                        {id === '' ? 'a ring of its own' : `the ring of ${cardName(design, id)}`}
                                    </span>
                                )}
                                onChange={(id) =>
                                    put((now) => {
                                        // What it had from the shared ring it keeps.
                                        const { part: half, tops } = now.ring;
                                        now.ring = { ...ring, part: half, tops, with: id };
                                    })
                                }
                            />
                        </Row>
                    )}
                    {follows.ring.part === 'round' && (
                        <Row name="Tops">
                            <Segments
                                label="Where the tops point"
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
                            label="What is between the ends"
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
                                atRight
                                unit={unit}
                                value={ring.gap}
                                onChange={(gap) => putRing({ gap })}
                            />
                        )}
                    </Row>
                </>
            )}
            {follows.path === 'brim' && (
                <>
                    <Row name="">
                        <LengthField
                            label="Inset from the brim’s edge"
                            note="in"
                            unit={unit}
                            least={0}
                            value={brim.inset}
                            onChange={(inset) => put((now) => (now.brim.inset = inset))}
                        />
                        <NumberField
                            label="How much of the brim it may take, in degrees"
                            unit="°"
                            least={10}
                            most={360}
                            value={brim.span}
                            onChange={(span) => put((now) => (now.brim.span = span), 'brim')}
                        />
                    </Row>
                    <Row name="Read">
                        <Segments
                            label="Where it reads from"
                            small
                            value={brim.part}
                            options={[
                                { value: 'lower', show: 'from the front' },
                                { value: 'upper', show: 'from the back' },
                            ]}
                            onChange={(half) => put((now) => (now.brim.part = half))}
                        />
                    </Row>
                </>
            )}
            {follows.path === 'spiral' && (
                <>
                    <Row name="">
                        <LengthField
                            label="Radius of the free middle"
                            note="inner"
                            unit={unit}
                            least={500}
                            value={spiral.inner}
                            onChange={(inner) => put((now) => (now.spiral.inner = inner))}
                        />
                        <NumberField
                            label="Pitch in percent of the ink’s height"
                            unit="%"
                            least={60}
                            most={600}
                            step={5}
                            value={spiral.pitch}
                            onChange={(pitch) => put((now) => (now.spiral.pitch = pitch), 'pitch')}
                        />
                    </Row>
                    <Row name="Read">
                        <Segments
                            label="Where the reading starts"
                            small
                            value={spiral.from}
                            options={[
                                { value: 'outside', show: 'from outside' },
                                { value: 'inside', show: 'from inside' },
                            ]}
                            onChange={(from) => put((now) => (now.spiral.from = from))}
                        />
                    </Row>
                </>
            )}
            {follows.path === 'outline' && (
                <>
                    <Row name="Of">
                        <Choice
                            label="Whose outline"
                            className="flex-1"
                            value={outline.shape}
                            options={[...design.forms, ...design.motifs].map(({ id }) => id)}
                            by={(id) => id}
                            show={(id) => <span className="truncate">{cardName(design, id)}</span>}
                            onChange={(shape) => put((now) => (now.outline.shape = shape))}
                        />
                    </Row>
                    <Row name="">
                        <Segments
                            label="On which side of the outline"
                            small
                            value={outline.side}
                            options={[
                                { value: 'outside', show: 'outside' },
                                { value: 'inside', show: 'inside' },
                            ]}
                            onChange={(side) => put((now) => (now.outline.side = side))}
                        />
                        <NumberField
                            label="Start in percent of the outline, clockwise from the top"
                            unit="%"
                            least={-100}
                            most={100}
                            digits={1}
                            value={outline.start}
                            onChange={(start) => put((now) => (now.outline.start = start), 'start')}
                        />
                    </Row>
                </>
            )}
            {(follows.path === 'spiral' || (follows.path === 'ring' && leader.id === line.id)) && (
                <Row name="Centre">
                    <LengthField
                        label="How far right of the area’s middle the centre is"
                        note="right"
                        unit={unit}
                        value={centre.across}
                        onChange={(across) => putCentre({ across })}
                    />
                    <LengthField
                        label="How far below the area’s edge the centre is"
                        note="down"
                        atRight
                        unit={unit}
                        value={centre.down}
                        onChange={(down) => putCentre({ down })}
                    />
                </Row>
            )}
            {follows.path !== 'straight' && (
                <>
                    <Row name="Sits">
                        <Segments
                            label="What sits on the path"
                            small
                            value={follows.sits}
                            options={[
                                { value: 'baseline', show: 'feet' },
                                { value: 'middle', show: 'middle' },
                                { value: 'top', show: 'tops' },
                            ]}
                            onChange={(sits) => put((now) => (now.sits = sits))}
                        />
                        <LengthField
                            label="How far it is lifted off the path"
                            note="off"
                            atRight
                            unit={unit}
                            value={follows.lift}
                            onChange={(lift) => put((now) => (now.lift = lift))}
                        />
                    </Row>
                    <Row name="Bending">
                        <Segments
                            label="How letters are put along the path"
                            small
                            value={follows.letters}
                            options={[
                                { value: 'auto', show: 'by font' },
                                { value: 'turned', show: 'turned' },
                                { value: 'bent', show: 'bent' },
                            ]}
                            onChange={(letters) => put((now) => (now.letters = letters))}
                        />
                        <NumberField
                            label="Evening of the spacing in percent; 0 is off"
                            unit="%"
                            least={0}
                            most={300}
                            step={10}
                            value={follows.evening}
                            onChange={(evening) => put((now) => (now.evening = evening), 'evening')}
                        />
                    </Row>
                </>
            )}
        </>
    );
}
