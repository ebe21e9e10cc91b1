import { useBench } from '../state/store';
import { Grounds } from './Grounds';
import { KeepOffPlaces } from './KeepOffPlaces';
import { OtherAreas } from './OtherAreas';
import { PlacementArea } from './PlacementArea';
import { useStage, viewBoxOf } from './StageView';

/** What is drawn beneath the lettering: keep-off places, areas with their measures, and drag areas between letters. */
export function OnTheCloth({ label }: { label: string }) {
    const { box } = useStage();
    const lines = useBench((bench) => bench.design.lines);
    return (
        <svg role="img" aria-label={label} className="absolute inset-0 size-full" viewBox={viewBoxOf(box)}>
            <KeepOffPlaces />
            <OtherAreas />
            <PlacementArea />
            <Grounds lines={lines} />
        </svg>
    );
}
