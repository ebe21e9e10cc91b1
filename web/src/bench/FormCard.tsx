import type { Design, Form, Sheet } from '../api/client';
import { Choice } from '../ui/Choice';
import { LengthField } from '../ui/LengthField';
import { NumberField } from '../ui/NumberField';
import { Segments } from '../ui/Segments';
import type { TakingOut } from './stage/TakeOut';
import { CardTreatments } from './CardTreatments';
import { FilmChoice } from './FilmChoice';
import { FreeCardFoot } from './FreeCardFoot';
import { CardFrame } from './CardFrame';
import { withForm, withFormFilm, type Put } from './edits';
import { formKinds, formNames, measuresOf } from './forms';
import { PlaceRows } from './PlaceRows';
import { Row } from './Row';
import { SizeRow } from './SizeRow';
import type { Draft } from './useDesign';
import type { Reorder } from './useReorder';

interface Props {
    form: Form;
    design: Design;
    sheet: Sheet;
    open: boolean;
    onOpen: () => void;
    change: Draft['change'];
    onTakeOut: (taking: TakingOut) => void;
    reorder: Reorder;
}

/** A basic shape: the chosen card opens to all its measures. */
export function FormCard({ form, design, sheet, open, onOpen, change, onTakeOut, reorder }: Props) {
    const { unit } = design;
    const { shape } = form;
    const set: Put<Form> = (next, what = '') => change(withForm(form.id, next), what && `${what}:${form.id}`);
    const put = (next: Partial<Form['shape']>, what?: string) => set((now) => Object.assign(now.shape, next), what);
    const measures = measuresOf[shape.kind];
    const filmChoice = (
        <FilmChoice
            label="Film"
            value={form.film}
            design={design}
            narrow={!open}
            onChange={(next) => next && change(withFormFilm(form.id, next))}
        />
    );

    return (
        <CardFrame
            id={form.id}
            label={`Form: ${formNames[shape.kind]}`}
            name={formNames[shape.kind]}
            open={open}
            onOpen={onOpen}
            locked={form.locked}
            reorder={reorder}
            head={
                <div className="flex items-center gap-2">
                    <button
                        className={`min-w-0 flex-1 truncate py-0.5 text-left text-[17px] font-semibold ${form.hidden ? 'opacity-45' : ''}`}
                        onClick={onOpen}
                    >
                        {formNames[shape.kind]}
                    </button>
                    {!open && !form.guide && filmChoice}
                </div>
            }
            foot={
                <FreeCardFoot
                    card={form}
                    open={open}
                    unit={unit}
                    note={form.guide ? 'only a guide · ' : ''}
                    change={change}
                />
            }
        >
            <Row name="Shape">
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
            <Row name="Use">
                <Segments
                    label="What the form is for"
                    small
                    value={form.guide ? 'guide' : 'cut'}
                    options={[
                        { value: 'cut', show: 'is cut' },
                        { value: 'guide', show: 'only a guide' },
                    ]}
                    onChange={(use) => set((now) => (now.guide = use === 'guide'))}
                />
            </Row>
            {!form.guide && <Row name="Film">{filmChoice}</Row>}
            <SizeRow what="form" card={form} unit={unit} set={set} />
            <Row name="Sides">
                <Segments
                    label="How the form is sized"
                    small
                    value={form.size.proportional ? 'kept' : 'free'}
                    options={[
                        { value: 'kept', show: 'in proportion' },
                        { value: 'free', show: 'each by itself' },
                    ]}
                    onChange={(how) => set((now) => (now.size.proportional = how === 'kept'))}
                />
            </Row>
            {measures.length > 0 && (
                <Row name="Details">
                    {measures.includes('corner') && (
                        <LengthField
                            label="Radius of the corners"
                            note="corner"
                            unit={unit}
                            least={0}
                            value={shape.corner}
                            onChange={(corner) => put({ corner })}
                        />
                    )}
                    {measures.includes('band') && (
                        <LengthField
                            label="Breadth of the band"
                            note="band"
                            unit={unit}
                            least={500}
                            value={shape.band}
                            onChange={(band) => put({ band })}
                        />
                    )}
                    {measures.includes('count') && (
                        <NumberField
                            label="How many points"
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
            <PlaceRows what="form" place={form.place} unit={unit} set={set} />
            {!form.guide && (
                <CardTreatments
                    id={form.id}
                    film={form.film}
                    treatments={form.treatments}
                    design={design}
                    sheet={sheet}
                    change={change}
                    onTakeOut={onTakeOut}
                />
            )}
        </CardFrame>
    );
}
