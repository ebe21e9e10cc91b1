import { keepOffPath, type KeepOff } from './keepOff';

/** Places to keep off as wide as lettering stays away from them, in a picture round the blank's measuring point. */
export function KeepOffMarks({ places, colour }: { places: readonly KeepOff[]; colour: string }) {
    return (
        <g fill="none" stroke={colour} strokeLinecap="round" strokeLinejoin="round" pointerEvents="none">
            {places.map((place) => (
                <g key={place.id}>
                    <title>{place.name}</title>
                    <path
                        d={keepOffPath(place)}
                        fill={place.closed ? colour : 'none'}
                        fillOpacity=".1"
                        strokeOpacity=".1"
                        strokeWidth={2 * place.distance}
                    />
                    <path
                        d={keepOffPath(place)}
                        strokeOpacity=".5"
                        strokeDasharray="6 4"
                        strokeWidth="1"
                        vectorEffect="non-scaling-stroke"
                    />
                </g>
            ))}
        </g>
    );
}
