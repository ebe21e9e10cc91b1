import { Button } from '../../ui/Button';
import { UnitChoice } from '../../ui/UnitChoice';
import { drawings } from '../drawings';
import { drawingUrl } from '../Garment';
import type { Measuring } from './useMeasuring';

/** What is measured: its kind, what it is called, in which size and unit. */
export function MeasureStart({ measuring }: { measuring: Measuring }) {
    const { of, drawing, name, size, unit, setDrawing, setName, setSize, setUnit, goTo } = measuring;
    return (
        <form
            noValidate
            className="grid gap-4"
            onSubmit={(event) => {
                event.preventDefault();
                goTo(0);
            }}
        >
            <h2 className="text-lg font-bold">{of ? `Another size of ${of.name}` : 'What do you measure?'}</h2>
            {!of && (
                <>
                    <ul aria-label="Kind of blank" className="grid grid-cols-3 gap-1.5">
                        {drawings.map((kind) => (
                            <li key={kind.id}>
                                <button
                                    type="button"
                                    aria-pressed={kind.id === drawing}
                                    className={`card grid w-full justify-items-center gap-1 p-1.5 text-xs hover:border-quiet ${kind.id === drawing ? 'border-marigold! shadow-[inset_0_-3px_0_var(--color-marigold)]' : ''}`}
                                    onClick={() => setDrawing(kind.id)}
                                >
                                    <img
                                        alt=""
                                        src={drawingUrl(kind.id, '#b9b7b2')}
                                        className="size-12 object-contain"
                                    />
                                    {kind.name}
                                </button>
                            </li>
                        ))}
                    </ul>
                    <label className="grid gap-1">
                        <span className="text-xs text-quiet">Name in the shop</span>
                        <input
                            className="field"
                            maxLength={80}
                            placeholder={drawings.find(({ id }) => id === drawing)?.name}
                            value={name}
                            onChange={(event) => setName(event.target.value)}
                        />
                    </label>
                </>
            )}
            <div className="flex items-end justify-between gap-3">
                <label className="grid gap-1">
                    <span className="text-xs text-quiet">Size</span>
                    <input
                        className="field w-32"
                        maxLength={20}
                        placeholder="One size"
                        value={size}
                        onChange={(event) => setSize(event.target.value)}
                    />
                </label>
                <UnitChoice label="Unit of the measures" value={unit} onChange={setUnit} />
            </div>
            <p className="text-quiet">Lay it flat, smooth it out, and have a tape at hand. It takes a minute or two.</p>
            <Button type="submit" look="main" className="justify-self-start">
                Begin to measure
            </Button>
        </form>
    );
}
