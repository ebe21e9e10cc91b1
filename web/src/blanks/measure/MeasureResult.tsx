import { Refusal, type ShopBlank } from '../../api/client';
import { showRound } from '../../measure';
import { areaText } from '../areaText';
import { Button } from '../../ui/Button';
import type { Measuring } from './useMeasuring';

/** What came of the measures: areas, and what lettering keeps off; all of it can be corrected once it is kept. */
export function MeasureResult({ made, measuring }: { made: ShopBlank['sizes'][number]; measuring: Measuring }) {
    const { of, unit, keep, goTo, asked } = measuring;
    return (
        <div className="grid gap-3">
            <h2 className="text-lg font-bold">Result</h2>
            <ul aria-label="Areas" className="grid gap-1.5">
                {made.placements.map((placement) => (
                    <li key={placement.id} className="card px-3 py-2">
                        <b>{placement.name}</b>
                        <span className="block text-xs text-quiet">
                            {areaText(placement, unit)}
                            {placement.from.map(
                                ({ edge, distance }) => ` · ${showRound(distance, unit)} ${unit} from the ${edge}`,
                            )}
                        </span>
                    </li>
                ))}
            </ul>
            <p className="text-quiet">
                Lettering keeps off: {made.keepOff.map(({ name }) => name).join(', ') || 'nothing'}.
            </p>
            <p className="text-quiet">Save it, then correct on the next page whatever differs on yours.</p>
            {keep.error && (
                <p role="alert" className="text-madder">
                    {keep.error instanceof Refusal
                        ? keep.error.message
                        : 'Not kept: the server can’t be reached. Try again.'}
                </p>
            )}
            <span className="flex gap-2">
                <Button look="main" disabled={keep.isPending} onClick={() => keep.mutate(made)}>
                    {of ? 'Keep this size' : 'Keep this blank'}
                </Button>
                <Button onClick={() => goTo(asked.length - 1)}>Back</Button>
            </span>
        </div>
    );
}
