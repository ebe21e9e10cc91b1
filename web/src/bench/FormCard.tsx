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
import { withForm, withFormFilm } from './edits';
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
    const set = (next: Partial<Form>, what = '') => change(withForm(form.id, next), what && `${what}:${form.id}`);
    const measures = measuresOf[form.kind];
    const sized = (next: { width?: number; height?: number }) => {
        const factor = next.width ? next.width / form.width : (next.height ?? form.height) / form.height;
        set(
            form.proportional
                ? { width: Math.round(form.width * factor), height: Math.round(form.height * factor) }
                : next,
        );
    };

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
            label={`Form: ${formNames[form.kind]}`}
            name={formNames[form.kind]}
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
                        {formNames[form.kind]}
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
                    value={form.kind}
                    options={formKinds}
                    by={(kind) => kind}
                    show={(kind) => formNames[kind]}
                    onChange={(kind) => set({ kind })}
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
                    onChange={(use) => set({ guide: use === 'guide' })}
                />
            </Row>
            {!form.guide && <Row name="Film">{filmChoice}</Row>}
            <SizeRow
                what="form"
                card={form}
                unit={unit}
                onWidth={(width) => sized({ width })}
                onHeight={(height) => sized({ height })}
            />
            <Row name="Sides">
                <Segments
                    label="How the form is sized"
                    small
                    value={form.proportional ? 'kept' : 'free'}
                    options={[
                        { value: 'kept', show: 'in proportion' },
                        { value: 'free', show: 'each by itself' },
                    ]}
                    onChange={(how) => set({ proportional: how === 'kept' })}
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
                            value={form.corner}
                            onChange={(corner) => set({ corner })}
                        />
                    )}
                    {measures.includes('band') && (
                        <LengthField
                            label="Breadth of the band"
                            note="band"
                            unit={unit}
                            least={500}
                            value={form.band}
                            onChange={(band) => set({ band })}
                        />
                    )}
                    {measures.includes('count') && (
                        <NumberField
                            label="How many points"
                            unit="points"
                            least={3}
                            most={64}
                            value={form.count}
                            onChange={(count) => set({ count }, 'count')}
                        />
                    )}
                    {measures.includes('depth') && (
                        <NumberField
                            label="Depth in percent"
                            unit="% deep"
                            least={0}
                            most={95}
                            step={5}
                            value={form.depth}
                            onChange={(depth) => set({ depth }, 'depth')}
                        />
                    )}
                </Row>
            )}
            <PlaceRows what="form" place={form} unit={unit} onChange={set} />
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
