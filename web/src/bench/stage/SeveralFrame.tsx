import { useShallow } from 'zustand/react/shallow';
import { withTheirs } from '../model/edits';
import { frameRound } from '../model/posed';
import { svgMatrix } from '../model/pose';
import { useBench } from '../state/store';
import { useStage } from './StageView';

const corners = [
    { right: -1, down: -1 },
    { right: 1, down: -1 },
    { right: 1, down: 1 },
    { right: -1, down: 1 },
] as const;

/** The frame round several chosen cards, with corners to size them by and a thread to turn them by, all as one. */
export function SeveralFrame() {
    const { pixel } = useStage();
    const chosen = useBench(useShallow(({ design, chosen }) => withTheirs(design, chosen)));
    const sheet = useBench((bench) => bench.sheet);
    const pose = useBench(({ gesture }) => gesture?.pose ?? null);
    const frame = frameRound(chosen, sheet);
    if (!frame) {
        return null;
    }
    const pad = 14 * pixel;
    const mark = 10 * pixel;
    const [x, y] = [frame.width / 2 + pad, frame.height / 2 + pad];
    const eye = -y - 30 * pixel;
    return (
        <g transform={pose ? svgMatrix(pose) : undefined} data-part="several-frame">
            <g
                className="pointer-events-auto"
                fill="none"
                transform={`translate(${frame.left + frame.width / 2} ${frame.top + frame.height / 2})`}
            >
                {corners.map(({ right, down }) => (
                    <g
                        key={`${right} ${down}`}
                        data-grip={`corner ${right} ${down}`}
                        className={right === down ? 'cursor-nwse-resize' : 'cursor-nesw-resize'}
                    >
                        <path
                            d={`M${right * (x - mark)} ${down * y}H${right * x}V${down * (y - mark)}`}
                            className="stroke-white"
                            strokeWidth="2.6"
                            vectorEffect="non-scaling-stroke"
                        />
                        <circle
                            cx={right * x}
                            cy={down * y}
                            r={11 * pixel}
                            pointerEvents="all"
                            className="touch-none"
                        />
                    </g>
                ))}
                <g data-grip="thread" className="cursor-grab">
                    <path
                        d={`M0 ${-y}V${eye}`}
                        className="stroke-basting"
                        strokeWidth="1.6"
                        vectorEffect="non-scaling-stroke"
                    />
                    <ellipse
                        cx="0"
                        cy={eye - 8 * pixel}
                        rx={4 * pixel}
                        ry={8 * pixel}
                        className="fill-ink stroke-white"
                        fillOpacity=".25"
                        strokeWidth="2.2"
                        vectorEffect="non-scaling-stroke"
                    />
                    <circle cx="0" cy={eye - 8 * pixel} r={13 * pixel} pointerEvents="all" className="touch-none" />
                </g>
            </g>
        </g>
    );
}
