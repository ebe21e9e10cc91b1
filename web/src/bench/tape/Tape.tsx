import { show, showFilm, showWithUnit } from '../../measure';
import { TapeEntry } from '../../ui/TapeEntry';
import { useBench } from '../state/store';

/** The tape along the bottom: what matters now. */
export function Tape() {
    const unit = useBench((bench) => bench.design.unit);
    const sheet = useBench((bench) => bench.sheet);
    const { ink, spare, snags } = sheet;
    return (
        <footer
            aria-label="Tape"
            className="flex min-h-[38px] shrink-0 items-stretch overflow-hidden border-t max-[900px]:flex-wrap border-seam bg-tape whitespace-nowrap"
        >
            <TapeEntry name="Ink">
                {ink ? `${show(ink.width, unit)} × ${show(ink.height, unit)} ${unit}` : 'none yet'}
            </TapeEntry>
            {spare !== null && (
                <TapeEntry name="Area" tone={spare < 0 ? 'bad' : 'good'}>
                    {spare < 0
                        ? `${showWithUnit(-spare, unit)} too large`
                        : `fits, ${showWithUnit(spare, unit)} to spare`}
                </TapeEntry>
            )}
            {sheet.layers.length > 0 && (
                <>
                    <TapeEntry name="Film">{showFilm(sheet.filmLength, unit)}</TapeEntry>
                    <TapeEntry name="Presses">{sheet.layers.length}</TapeEntry>
                    <TapeEntry name="To weed">{sheet.toWeed === 1 ? '1 piece' : `${sheet.toWeed} pieces`}</TapeEntry>
                </>
            )}
            {snags.length > 0 && (
                <TapeEntry tone={snags.some(({ blocks }) => blocks) ? 'bad' : undefined}>
                    {snags.length === 1 ? '1 snag' : `${snags.length} snags`}
                </TapeEntry>
            )}
        </footer>
    );
}
