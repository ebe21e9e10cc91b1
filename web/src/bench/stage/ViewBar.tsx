import { hasCords } from '../../blanks/drawings';
import { Segments } from '../../ui/Segments';
import type { Side } from '../state/looks';
import { useBench, useBenchStore } from '../state/store';

const sides: readonly { value: Side; show: string }[] = [
    { value: 'wear', show: 'Wear side' },
    { value: 'knife', show: 'Knife lines' },
    { value: 'lost', show: 'Too thin to cut' },
];

const targets = [
    { target: 'area', label: 'Show the area', show: 'Area' },
    { target: 'ink', label: 'Show the ink', show: 'Ink' },
    { target: 'blank', label: 'Show the whole blank', show: 'Blank' },
] as const;

/** View settings of the stage: layers, zoom and the lasso. */
export function ViewBar() {
    const side = useBench((bench) => bench.side);
    const target = useBench((bench) => (bench.free ? null : bench.target));
    const lasso = useBench((bench) => bench.lasso);
    const cords = useBench((bench) => hasCords(bench.design.blank.drawing));
    const aside = useBench((bench) => bench.cordsAside);
    const { look, zoom, aim } = useBenchStore().getState();
    return (
        <div className="absolute bottom-3 left-3.5 flex flex-wrap gap-2 pr-3">
            <Segments label="View" value={side} options={sides} onChange={(next) => look({ side: next })} />
            <span className="inline-flex overflow-hidden rounded-[3px] border border-seam bg-white">
                <ViewButton label="Zoom out" show="−" onClick={() => zoom(1 / 1.25)} />
                {targets.map((to) => (
                    <ViewButton
                        key={to.target}
                        label={to.label}
                        show={to.show}
                        on={target === to.target}
                        onClick={() => aim(to.target)}
                    />
                ))}
                <ViewButton label="Zoom in" show="+" onClick={() => zoom(1.25)} />
            </span>
            <span className="inline-flex overflow-hidden rounded-[3px] border border-seam bg-white">
                <ViewButton
                    label="Lasso: choose several by drawing round them"
                    show="Lasso"
                    on={lasso}
                    onClick={() => look({ lasso: !lasso, erasing: null })}
                />
            </span>
            {cords && (
                <span className="inline-flex overflow-hidden rounded-[3px] border border-seam bg-white">
                    <ViewButton
                        label="Lay the cords aside"
                        show="Cords aside"
                        on={aside}
                        onClick={() => look({ cordsAside: !aside })}
                    />
                </span>
            )}
        </div>
    );
}

interface ViewButtonProps {
    label: string;
    show: string;
    on?: boolean;
    onClick: () => void;
}

function ViewButton({ label, show, on = false, onClick }: ViewButtonProps) {
    return (
        <button
            aria-label={label}
            aria-pressed={on}
            title={label}
            onClick={onClick}
            className={`px-2.5 py-1 not-last:border-r not-last:border-seam hover:bg-tape focus-visible:-outline-offset-2 ${on ? 'bg-tape' : ''}`}
        >
            {show}
        </button>
    );
}
