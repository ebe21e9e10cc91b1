import type { Sheet, SheetPart } from '../../api/client';
import { useBench } from '../state/store';

/** Tidied places: green for filled gaps, red for dropped scraps. */
export function TidiedPlaces() {
    const view = useBench((bench) => bench.tidied);
    const removals = useBench((bench) => bench.sheet.removals);
    const before = view === 'before';
    return view === 'not'
        ? null
        : removals.map(({ path, kept, fills }, at) => {
              const colour = fills ? 'var(--color-sage)' : 'var(--color-madder)';
              return (
                  <path
                      key={at}
                      data-part="tidied"
                      d={path}
                      fill={kept || before ? 'none' : colour}
                      fillRule="evenodd"
                      stroke={before ? colour : 'white'}
                      strokeWidth="1.2"
                      vectorEffect="non-scaling-stroke"
                  />
              );
          });
}

/** The parts before tidying: dropped scraps lie outside them, filled gaps inside, so both paths with the even-odd rule give the original. */
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
