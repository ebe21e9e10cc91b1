import type { ReactNode } from 'react';
import type { Design, Sheet } from '../api/client';
import { show, showFilm, showWithUnit } from '../measure';

/** The tape along the bottom: what matters now. */
export function Tape({ design, sheet }: { design: Design; sheet: Sheet }) {
    const { unit } = design;
    const { ink, spare, snags } = sheet;
    return (
        <footer
            aria-label="Tape"
            className="flex h-[38px] shrink-0 items-stretch overflow-hidden border-t border-seam bg-tape whitespace-nowrap"
        >
            <Entry name="Ink">
                {ink ? `${show(ink.width, unit)} × ${show(ink.height, unit)} ${unit}` : 'none yet'}
            </Entry>
            {spare !== null && (
                <Entry name="Area" tone={spare < 0 ? 'bad' : 'good'}>
                    {spare < 0
                        ? `${showWithUnit(-spare, unit)} too large`
                        : `fits, ${showWithUnit(spare, unit)} to spare`}
                </Entry>
            )}
            {sheet.layers.length > 0 && (
                <>
                    <Entry name="Film">{showFilm(sheet.filmLength, unit)}</Entry>
                    <Entry name="To weed">{sheet.toWeed === 1 ? '1 piece' : `${sheet.toWeed} pieces`}</Entry>
                </>
            )}
            {snags.length > 0 && <Entry tone="bad">{snags.length === 1 ? '1 snag' : `${snags.length} snags`}</Entry>}
        </footer>
    );
}

function Entry({ name, tone, children }: { name?: string; tone?: 'good' | 'bad'; children: ReactNode }) {
    const colour = tone === 'good' ? 'text-sage-deep' : tone === 'bad' ? 'text-madder' : '';
    return (
        <p className="flex items-center gap-1.5 border-r border-[#d3c5a2] px-4">
            {name && <span>{name}</span>}
            <b className={`font-bold ${colour}`}>{children}</b>
        </p>
    );
}
