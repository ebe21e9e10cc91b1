import { useShallow } from 'zustand/react/shallow';
import { chosenLetters, lineOf, partOf } from '../state/select';
import { useBench } from '../state/store';
import { useStage } from './StageView';

/** The chosen letters of a line, draggable: their words are welded again during the drag. */
export function ChosenLetter({ card }: { card: string }) {
    const { pixel } = useStage();
    const places = useBench(useShallow((bench) => chosenLetters(bench)?.places));
    const locked = useBench((bench) => lineOf(bench.design, card)?.locked);
    const letters = useBench((bench) => partOf(bench, card)?.letters);
    const pad = 3 * pixel;
    return letters?.flatMap(({ at, frame }) =>
        !places?.includes(at)
            ? []
            : [
                  <rect
                      key={at}
                      data-part="letter"
                      data-grip={locked ? undefined : 'letter'}
                      x={frame.left - pad}
                      y={frame.top - pad}
                      width={frame.width + 2 * pad}
                      height={frame.height + 2 * pad}
                      className="pointer-events-auto cursor-move touch-none fill-basting stroke-basting"
                      fillOpacity=".12"
                      strokeWidth="1.6"
                      strokeDasharray="3 3"
                      vectorEffect="non-scaling-stroke"
                      pointerEvents="all"
                  />,
              ],
    );
}
