import type { Design, SheetRemoval } from '../api/client';
import { LengthField } from '../ui/LengthField';
import { Segments } from '../ui/Segments';
import { cardName } from './edits';

/** Where treatments were tidied: not pointed out, or on the stage as it was before, or as it is after. */
export type Shown = 'not' | 'before' | 'after';

interface Props {
    design: Design;
    removals: readonly SheetRemoval[];
    shown: Shown;
    onShow: (shown: Shown) => void;
    onLook: (x: number, y: number) => void;
    onKeep: (removal: SheetRemoval, keep: boolean) => void;
    onLimits: (next: Partial<Design['clean']>) => void;
}

const limits = [
    { field: 'hole', label: 'Holes less than this across are filled', note: 'holes' },
    { field: 'speck', label: 'Pieces less than this across are dropped', note: 'pieces' },
    { field: 'spike', label: 'Spikes and nubs thinner than this are smoothed', note: 'spikes' },
    { field: 'gap', label: 'Rims nearer than this are joined or kept apart', note: 'gaps' },
] as const;

/** The rubbish of treatments that was tidied away: counted, listed when asked, and each to be kept instead. */
export function Tidied({ design, removals, shown, onShow, onLook, onKeep, onLimits }: Props) {
    if (removals.length === 0) {
        return null;
    }
    return (
        <section aria-label="Tidied away" className="max-h-44 shrink-0 overflow-y-auto border-t border-seam px-3 py-2">
            <button
                aria-expanded={shown !== 'not'}
                className="flex w-full justify-between text-xs hover:underline"
                onClick={() => onShow(shown === 'not' ? 'after' : 'not')}
            >
                <span>
                    <b>{removals.filter(({ kept }) => !kept).length}</b> places tidied
                    {removals.some(({ kept }) => kept) && `, ${removals.filter(({ kept }) => kept).length} kept`}
                </span>
                <span className="font-semibold text-indigo">{shown === 'not' ? 'Show them' : 'Hide them'}</span>
            </button>
            {shown !== 'not' && (
                <span className="mt-1.5 flex items-center gap-2 text-xs text-quiet">
                    On the stage
                    <Segments
                        label="What the stage shows of it"
                        small
                        value={shown}
                        options={[
                            { value: 'before', show: 'before' },
                            { value: 'after', show: 'after' },
                        ]}
                        onChange={onShow}
                    />
                </span>
            )}
            {shown !== 'not' && (
                <ul className="mt-1 grid gap-0.5 text-xs">
                    {removals.map((removal, at) => (
                        <li key={at} className="flex items-baseline gap-2">
                            <button
                                className="min-w-0 flex-1 truncate text-left hover:underline"
                                onClick={() => onLook(removal.x, removal.y)}
                            >
                                {removal.kind} {removal.fills ? 'filled' : 'dropped'} · {cardName(design, removal.card)}
                            </button>
                            <button
                                className="font-semibold text-indigo hover:underline"
                                onClick={() => onKeep(removal, !removal.kept)}
                            >
                                {removal.kept ? 'Tidy it' : 'Keep it'}
                            </button>
                        </li>
                    ))}
                </ul>
            )}
            {shown !== 'not' && (
                <div className="stitch mt-1.5 flex flex-wrap gap-1.5 pt-1.5" role="group" aria-label="Tidied are">
                    {limits.map(({ field, label, note }) => (
                        <LengthField
                            key={field}
                            label={label}
                            note={note}
                            unit={design.unit}
                            least={0}
                            value={design.clean[field]}
                            onChange={(length) => onLimits({ [field]: length })}
                        />
                    ))}
                </div>
            )}
        </section>
    );
}
