import type { Design, Edge, Fills, Line } from '../api/client';
import { Choice } from '../ui/Choice';
import { LengthField } from '../ui/LengthField';
import { NumberField } from '../ui/NumberField';
import { Segments } from '../ui/Segments';
import { cardName, type Put } from './edits';
import { isPlainEdge, takesForm } from './follows';
import { Row } from './Row';

interface Props {
    line: Line;
    design: Design;
    set: Put<Line>;
}

const shapes: Record<Edge['shape'], string> = {
    level: 'level',
    arched: 'arched',
    dipped: 'dipped',
    peaked: 'peaked',
    wave: 'wave',
    slope: 'slope',
    form: 'a form’s',
};

/** The edges that a line is stretched between: rows of the open card. */
export function LineFills({ line, design, set }: Props) {
    const { fills } = line;
    const put: Put<Fills> = (change, what) => set((now) => change(now.fills), what);
    const options = (Object.keys(shapes) as Edge['shape'][]).filter(
        (shape) => shape !== 'form' || design.forms.length > 0,
    );
    return (
        <>
            {(['top', 'bottom'] as const).map((name) => (
                <EdgeRows
                    key={name}
                    name={name}
                    edge={fills[name]}
                    options={options}
                    unit={design.unit}
                    onShape={(shape) =>
                        put((now) => {
                            Object.assign(now[name], { shape, ...(shape === 'level' && { left: 0, right: 0 }) });
                            if (shape === 'form') {
                                now.form ||= design.forms[0]?.id ?? '';
                            }
                        })
                    }
                    onChange={(edge, what) => put((now) => Object.assign(now[name], edge), what)}
                />
            ))}
            {takesForm(fills) && (
                <Row name="Form">
                    <Choice
                        label="Form whose edges it fills"
                        className="min-w-0 flex-1"
                        value={fills.form}
                        options={design.forms.map(({ id }) => id)}
                        by={(id) => id}
                        show={(id) => <span className="truncate">{cardName(design, id)}</span>}
                        onChange={(form) => put((now) => (now.form = form))}
                    />
                    <LengthField
                        label="Inset from the form’s outline"
                        note="inside"
                        atRight
                        unit={design.unit}
                        value={fills.inset}
                        onChange={(inset) => put((now) => (now.inset = inset))}
                    />
                </Row>
            )}
            {!(isPlainEdge(fills.top) && isPlainEdge(fills.bottom)) && (
                <Row name="Widths">
                    <Segments
                        label="Widths of stretched letters"
                        small
                        value={fills.widths}
                        options={[
                            { value: 'kept', show: 'kept' },
                            { value: 'by height', show: 'wider where taller' },
                        ]}
                        onChange={(widths) => put((now) => (now.widths = widths))}
                    />
                </Row>
            )}
        </>
    );
}

interface EdgeRowsProps {
    name: 'top' | 'bottom';
    edge: Edge;
    options: readonly Edge['shape'][];
    unit: Design['unit'];
    onShape: (shape: Edge['shape']) => void;
    onChange: (edge: Partial<Edge>, what?: string) => void;
}

function EdgeRows({ name, edge, options, unit, onShape, onChange }: EdgeRowsProps) {
    const hasRise = edge.shape !== 'level' && edge.shape !== 'form';
    return (
        <>
            <Row name={name === 'top' ? 'Fills to' : 'and to'}>
                <Choice
                    label={`Shape of the ${name} edge`}
                    className="min-w-0 flex-1"
                    value={edge.shape}
                    options={options}
                    by={(shape) => shape}
                    show={(shape) => `${shapes[shape]} ${shape === 'form' ? `${name} edge` : name}`}
                    onChange={onShape}
                />
                {hasRise && (
                    <LengthField
                        label={`Rise of the ${name} edge`}
                        note={edge.shape === 'dipped' ? 'dip' : 'rise'}
                        atRight
                        unit={unit}
                        rules
                        value={edge.rise}
                        onChange={(rise) => onChange({ rise })}
                    />
                )}
            </Row>
            {!isPlainEdge(edge) && (
                <Row name="">
                    <LengthField
                        label={`How much higher the left end of the ${name} edge is`}
                        note="left"
                        unit={unit}
                        value={edge.left}
                        onChange={(left) => onChange({ left })}
                    />
                    <LengthField
                        label={`How much higher the right end of the ${name} edge is`}
                        note="right"
                        atRight
                        unit={unit}
                        value={edge.right}
                        onChange={(right) => onChange({ right })}
                    />
                    {hasRise && (
                        <NumberField
                            label={`Pull of the ${name} edge to the right, in percent`}
                            unit="% pull"
                            least={-100}
                            most={100}
                            step={5}
                            value={edge.pull}
                            onChange={(pull) => onChange({ pull }, `pull-${name}`)}
                        />
                    )}
                </Row>
            )}
        </>
    );
}
