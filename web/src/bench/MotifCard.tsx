import type { Design, Motif, Sheet } from '../api/client';
import { Swatch } from '../ui/Swatch';
import { CardFrame } from './CardFrame';
import type { TakingOut } from './stage/TakeOut';
import { CardTreatments } from './CardTreatments';
import { withMotif, withMotifFilm, type Put } from './edits';
import { FilmChoice } from './FilmChoice';
import { FreeCardFoot } from './FreeCardFoot';
import { PlaceRows } from './PlaceRows';
import { Row } from './Row';
import { SizeRow } from './SizeRow';
import type { Draft } from './useDesign';
import type { Reorder } from './useReorder';

interface Props {
    motif: Motif;
    design: Design;
    sheet: Sheet;
    open: boolean;
    onOpen: () => void;
    change: Draft['change'];
    onTakeOut: (taking: TakingOut) => void;
    reorder: Reorder;
}

/** Artwork: its colours with their films, its size and place. */
export function MotifCard({ motif, design, sheet, open, onOpen, change, onTakeOut, reorder }: Props) {
    const { unit } = design;
    const set: Put<Motif> = (next, what = '') => change(withMotif(motif.id, next), what && `${what}:${motif.id}`);

    return (
        <CardFrame
            id={motif.id}
            label={`Motif: ${motif.name}`}
            name={motif.name}
            open={open}
            onOpen={onOpen}
            locked={motif.locked}
            reorder={reorder}
            head={
                <button
                    className={`w-full min-w-0 truncate py-0.5 text-left text-[17px] font-semibold ${motif.hidden ? 'opacity-45' : ''}`}
                    onClick={onOpen}
                >
                    {motif.name}
                </button>
            }
            foot={<FreeCardFoot card={motif} open={open} unit={unit} change={change} />}
        >
            {motif.colours.map((colour, at) => (
                <Row key={colour.colour} name={at === 0 ? 'Films' : ''}>
                    <span title={`The picture’s ${colour.colour}`} className="leading-none">
                        <Swatch colour={colour.colour} />
                    </span>
                    <FilmChoice
                        label={`Film for ${colour.colour}`}
                        value={colour.film}
                        design={design}
                        none="left out"
                        onChange={(film) => change(withMotifFilm(motif.id, at, film))}
                    />
                </Row>
            ))}
            <SizeRow what="motif" card={motif} unit={unit} set={set} />
            <PlaceRows what="motif" place={motif.place} unit={unit} set={set} />
            <CardTreatments
                id={motif.id}
                film={motif.colours[0]?.film ?? ''}
                treatments={motif.treatments}
                design={design}
                sheet={sheet}
                change={change}
                onTakeOut={onTakeOut}
            />
        </CardFrame>
    );
}
