import { useShallow } from 'zustand/react/shallow';
import type { Edge, Fills, Line } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { LengthField } from '../../../ui/LengthField';
import { NumberField } from '../../../ui/NumberField';
import { Segments } from '../../../ui/Segments';
import { withLine, type Put } from '../../model/edits';
import { bothEdges, bothOf, putEdges, type BothEdges } from '../../model/edges';
import { isPlainEdge, takesForm } from '../../model/follows';
import { CardChoice } from '../../shared/CardChoice';
import { Row } from '../../shared/Row';
import { useBench, useBenchStore } from '../../state/store';

const shapes: Record<Edge['shape'], string> = {
    level: 'level',
    arched: 'arched',
    dipped: 'dipped',
    peaked: 'peaked',
    wave: 'wave',
    slope: 'slope',
    form: 'a form’s edge',
};

function useFills(line: Line) {
    const unit = useBench((bench) => bench.design.unit);
    const { change } = useBenchStore().getState();
    const put: Put<Fills> = (next, what = '') =>
        change(
            withLine(line.id, ({ fills }) => next(fills)),
            what && `${what}:${line.id}`,
        );
    return { unit, put };
}

/** What a line can fill: forms, and motifs with their outlines. */
const useForms = () => useBench(useShallow(({ design }) => [...design.forms, ...design.motifs].map(({ id }) => id)));

/** Both edges in one step; each can be something else by itself. */
export function BothEdgesRow({ line }: { line: Line }) {
    const { put } = useFills(line);
    const forms = useForms();
    const both = bothOf(line.fills);
    const options = (Object.keys(bothEdges) as BothEdges[]).filter((name) => name !== 'form' || forms.length > 0);
    return (
        <Row name="Edges">
            <Choice
                label="Both edges"
                className="min-w-0 flex-1"
                value={both}
                options={options}
                by={(name) => name ?? ''}
                show={(name) => (name ? bothEdges[name].show : 'each by itself')}
                onChange={(name) => name && put((now) => putEdges(now, name, forms, line.belongs.to))}
            />
        </Row>
    );
}

interface Props {
    line: Line;
    name: 'top' | 'bottom';
}

const hasRise = (edge: Edge) => edge.shape !== 'level' && edge.shape !== 'form';

/** One of the edges that a line is stretched between: its shape and its rise. */
export function EdgeRow({ line, name }: Props) {
    const { unit, put } = useFills(line);
    const forms = useForms();
    const edge = line.fills[name];
    const options = (Object.keys(shapes) as Edge['shape'][]).filter((shape) => shape !== 'form' || forms.length > 0);
    return (
        <Row name={name === 'top' ? 'Top' : 'Bottom'}>
            <Choice
                label={`Shape of the ${name} edge`}
                field={`${name} edge`}
                className="min-w-0 flex-1"
                value={edge.shape}
                options={options}
                by={(shape) => shape}
                show={(shape) => shapes[shape]}
                onChange={(shape) =>
                    put((now) => {
                        Object.assign(now[name], { shape, ...(shape === 'level' && { left: 0, right: 0 }) });
                        if (shape === 'form') {
                            now.form ||= forms[0] ?? '';
                        }
                    })
                }
            />
            {hasRise(edge) && (
                <LengthField
                    label={`Rise of the ${name} edge`}
                    note={edge.shape === 'dipped' ? 'dip' : 'rise'}
                    atRight
                    unit={unit}
                    rules
                    value={edge.rise}
                    onChange={(rise) => put((now) => (now[name].rise = rise))}
                />
            )}
        </Row>
    );
}

/** What is rarely set of an edge: its ends, and where its rise is pulled to. */
export function EdgeDetails({ line, name }: Props) {
    const { unit, put } = useFills(line);
    const edge = line.fills[name];
    return isPlainEdge(edge) ? null : (
        <>
            <Row name={`Ends, ${name}`}>
                {(['left', 'right'] as const).map((end) => (
                    <LengthField
                        key={end}
                        label={`Lift of the ${end} end of the ${name} edge`}
                        note={end}
                        atRight={end === 'right'}
                        unit={unit}
                        value={edge[end]}
                        onChange={(length) => put((now) => (now[name][end] = length))}
                    />
                ))}
            </Row>
            {hasRise(edge) && (
                <Row name="Pulled">
                    <NumberField
                        label={`Pull of the ${name} edge to the right, in percent`}
                        unit="% right"
                        least={-100}
                        most={100}
                        step={5}
                        value={edge.pull}
                        onChange={(pull) => put((now) => (now[name].pull = pull), `pull-${name}`)}
                    />
                </Row>
            )}
        </>
    );
}

/** The form whose edges a line fills, and how far it stays inside. */
export function FormOfEdges({ line }: { line: Line }) {
    const { unit, put } = useFills(line);
    const forms = useForms();
    const { fills } = line;
    return takesForm(fills) ? (
        <Row name="Form">
            <CardChoice
                label="Form whose edges it fills"
                value={fills.form}
                cards={forms}
                onChange={(form) => put((now) => Object.assign(now, { form, piece: '' }))}
            />
            {fills.piece !== '' && (
                <Button
                    look="words"
                    small
                    title="It fills one piece of it"
                    onClick={() => put((now) => (now.piece = ''))}
                >
                    whole
                </Button>
            )}
            <LengthField
                label="Inset from the form’s outline"
                note="inside"
                atRight
                unit={unit}
                value={fills.inset}
                onChange={(inset) => put((now) => (now.inset = inset))}
            />
        </Row>
    ) : null;
}

/** What becomes of the widths of letters that are stretched. */
export function Widths({ line }: { line: Line }) {
    const { put } = useFills(line);
    return (
        <Row name="Widths">
            <Segments
                label="Widths of stretched letters"
                small
                value={line.fills.widths}
                options={[
                    { value: 'kept', show: 'kept' },
                    { value: 'by height', show: 'wider where taller' },
                ]}
                onChange={(widths) => put((now) => (now.widths = widths))}
            />
        </Row>
    );
}
