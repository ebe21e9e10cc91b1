import { KeepOffMarks } from '../../blanks/KeepOffMarks';
import { useBench } from '../state/store';
import { useStage } from './StageView';

/** Keep-off places with their clearances; those that lettering may cross are left out. */
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
