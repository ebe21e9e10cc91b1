import type { Form } from '../../../api/client';
import { Choice } from '../../../ui/Choice';
import { LengthField } from '../../../ui/LengthField';
import { NumberField } from '../../../ui/NumberField';
import { Segments } from '../../../ui/Segments';
import { isLine, withForm, type Card, type Change } from '../../model/edits';
import { formKinds, formNames, measuresOf } from '../../model/forms';
import { Row, Rows } from '../../shared/Row';
import { useBench, useBenchStore } from '../../state/store';

/** A form's kind, shape and purpose. */
export function ShapeDrawer({ card }: { card: Card }) {
    return !isLine(card) && 'shape' in card ? <ShapeOf form={card} /> : null;
}

function ShapeOf({ form }: { form: Form }) {
    const unit = useBench((bench) => bench.design.unit);
    const { change } = useBenchStore().getState();
    const set = (next: Change<Form>, what = '') => change(withForm(form.id, next), what && `${what}:${form.id}`);
    const put = (next: Partial<Form['shape']>, what?: string) => set((now) => Object.assign(now.shape, next), what);
    const { shape } = form;
    const measures = measuresOf[shape.kind];
    return (
        <Rows>
            <Row name="Kind">
                <Choice
                    label="Kind of form"
                    className="flex-1"
                    value={shape.kind}
                    options={formKinds}
                    by={(kind) => kind}
                    show={(kind) => formNames[kind]}
                    onChange={(kind) => put({ kind })}
                />
            </Row>
            {measures.length > 0 && (
                <Row name="Measures">
                    {measures.includes('corner') && (
                        <LengthField
                            label="Corner radius"
                            field="corner"
                            note="corners"
                            unit={unit}
                            least={0}
                            value={shape.corner}
                            onChange={(corner) => put({ corner })}
                        />
                    )}
                    {measures.includes('band') && (
                        <LengthField
                            label="Width of the band"
                            note="band"
                            unit={unit}
                            least={500}
                            value={shape.band}
                            onChange={(band) => put({ band })}
                        />
                    )}
                    {measures.includes('count') && (
                        <NumberField
                            label="Number of points"
                            unit="points"
                            least={3}
                            most={64}
                            value={shape.count}
                            onChange={(count) => put({ count }, 'count')}
                        />
                    )}
                    {measures.includes('depth') && (
                        <NumberField
                            label="Depth in percent"
                            unit="% deep"
                            least={0}
                            most={95}
                            step={5}
                            value={shape.depth}
                            onChange={(depth) => put({ depth }, 'depth')}
                        />
                    )}
                </Row>
            )}
            <Row name="Use">
                <Segments
                    label="Use of the form"
                    field="guide"
                    small
                    value={form.guide ? 'guide' : 'cut'}
                    options={[
                        { value: 'cut', show: 'cut it' },
                        { value: 'guide', show: 'guide only' },
                    ]}
                    onChange={(use) => set((now) => (now.guide = use === 'guide'))}
                />
            </Row>
        </Rows>
    );
}
