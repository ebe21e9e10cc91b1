import type { SheetFix, SheetSnag } from '../api/client';

interface Props {
    snag: SheetSnag;
    onFix: (snag: SheetSnag, fix: SheetFix) => void;
}

/** Changes that mend a snag at once, a button each. */
export function Fixes({ snag, onFix }: Props) {
    return snag.fixes.length === 0 ? null : (
        <span className="mt-1.5 flex flex-wrap gap-1.5">
            {snag.fixes.map((fix) => (
                <button
                    key={fix.say}
                    className="rounded-[3px] border border-seam bg-white px-2 py-0.5 text-xs font-semibold text-indigo hover:border-indigo"
                    onClick={() => onFix(snag, fix)}
                >
                    {fix.say}
                </button>
            ))}
        </span>
    );
}
