import { KeepOffMarks } from '../../blanks/KeepOffMarks';
import { useBench } from '../state/store';
import { useStage } from './StageView';

/** The places that lettering keeps off, as wide as it stays away; those that it may cross here are gone. */
export function KeepOffPlaces() {
    const { chalk } = useStage();
    const places = useBench((bench) => bench.design.blank.keepOff);
    const crossed = useBench((bench) => bench.design.blank.crossed);
    const { across, down } = useBench((bench) => bench.design.blank.placement);
    return (
        <g data-part="keep-off" transform={`translate(${-across} ${-down})`} opacity=".8">
            <KeepOffMarks places={places.filter(({ id }) => !crossed.includes(id))} colour={chalk} />
        </g>
    );
}
