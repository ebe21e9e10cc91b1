import { memo } from 'react';
import { Link, useLocation } from 'wouter';
import type { ContactPerson, Unit } from '../api/client';
import { show } from '../measure';

interface Props {
    person: ContactPerson;
    values: Readonly<Record<string, string>>;
    fabric: string;
    /** What all pictures show, in µm: one scale for all, and one height on the blank. */
    frame: { width: number; top: number; height: number };
    unit: Unit;
    design: string;
    /** Much wider than the others. */
    long: boolean;
    chosen: boolean;
    onChoose: (person: string) => void;
}

/** One person's lettering on the colour of the blank. */
export const Contact = memo(function Contact({
    person,
    values,
    fabric,
    frame,
    unit,
    design,
    long,
    chosen,
    onChoose,
}: Props) {
    const [, navigate] = useLocation();
    const bench = `/designs/${design}?person=${person.id}`;
    const { box, lines, parts, failure } = person;
    const x = box ? box.left + box.width / 2 : 0;
    const y = frame.top + frame.height / 2;
    const [width, height] = [Math.round(frame.width * 1.12), Math.round(frame.height * 1.3)];
    const outlier = lines.find(({ smaller, squeezed }) => smaller || squeezed < 100);
    const first = lines[0];
    return (
        <div className="relative grid min-w-0">
            <button
                type="button"
                aria-pressed={chosen}
                className={`card min-w-0 p-1.5 text-left hover:border-quiet ${chosen ? 'border-marigold! shadow-[inset_0_0_0_1px_var(--color-marigold)]' : outlier || long ? 'border-marigold!' : ''}`}
                onClick={() => onChoose(person.id)}
                onDoubleClick={() => navigate(bench)}
            >
                <svg
                    role="img"
                    aria-label={person.words}
                    viewBox={`${x - width / 2} ${y - height / 2} ${width} ${height}`}
                    className="h-16 w-full"
                    style={{ background: fabric }}
                >
                    {parts.map(({ colour, path }, at) => (
                        <path key={at} d={path} fill={colour} fillRule="evenodd" />
                    ))}
                </svg>
                <span className="mt-1 flex justify-between gap-2 text-xs">
                    <span className="truncate">
                        {values.name || values.number || 'without a name'}
                        {values.size && ` · ${values.size}`}
                    </span>
                    <span
                        className={`shrink-0 tabular-nums ${outlier || long ? 'font-semibold text-marigold-deep' : 'text-quiet'}`}
                    >
                        {failure ? 'nothing to cut' : first && `${show(first.letterHeight, unit)} high`}
                        {outlier && outlier.squeezed < 100 && `, ${Math.round(outlier.squeezed)} %`}
                        {long && !outlier && ', much wider'}
                    </span>
                </span>
            </button>
            {chosen && (
                <Link
                    to={bench}
                    className="absolute right-1.5 bottom-1 rounded-[3px] border border-seam bg-white px-2 py-0.5 text-xs font-semibold text-indigo hover:border-indigo"
                >
                    On the Bench
                </Link>
            )}
        </div>
    );
});
