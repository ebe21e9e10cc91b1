import type { Sheet, SheetPart, SheetRemoval } from '../../api/client';

/** The places where treatments were tidied, ringed in green where something was filled and in red where it was dropped. */
export function TidiedPlaces({ removals, before }: { removals: readonly SheetRemoval[]; before: boolean }) {
    return removals.map((removal, at) => (
        <path
            key={at}
            data-part="tidied"
            d={removal.path}
            fill={removal.kept || before ? 'none' : removal.fills ? '#4f7355' : '#b3372f'}
            fillRule="evenodd"
            stroke={before ? (removal.fills ? '#4f7355' : '#b3372f') : '#fff'}
            strokeWidth="1.2"
            vectorEffect="non-scaling-stroke"
        />
    ));
}

/** The parts as they were before: what was dropped lies beside them and what was filled inside, so that both paths together, filled by the even-odd rule, are what was there. */
export function untidied({ parts, removals }: Sheet): SheetPart[] {
    return parts.map((part) => ({
        ...part,
        path: [
            part.path,
            ...removals
                .filter(
                    ({ card, film, role, kept }) =>
                        !kept && card === part.card && film === part.film && role === part.role,
                )
                .map(({ path }) => path),
        ].join(''),
    }));
}
