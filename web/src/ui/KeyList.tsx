import type { Key } from './keys';

/** Keys, grouped by what one is doing, all in sight. */
export function KeyList({ keys, groups }: { keys: readonly Key[]; groups: readonly string[] }) {
    return (
        <div className="columns-3 gap-6 text-xs">
            {groups.map((group) => (
                <section key={group} className="mb-3 break-inside-avoid">
                    <h2 className="heading mb-1">{group}</h2>
                    <dl className="grid grid-cols-[92px_1fr] gap-x-2.5 gap-y-1">
                        {keys
                            .filter((key) => key.group === group && key.does !== '')
                            .map(({ press, show = press, does }) => (
                                <div key={press} className="contents">
                                    <dt className="text-right">
                                        <kbd className="rounded-[2px] border border-seam bg-muslin px-1 font-sans text-2xs whitespace-nowrap">
                                            {written(show).replaceAll(/\+(?=.)/g, ' + ')}
                                        </kbd>
                                    </dt>
                                    <dd>{does}</dd>
                                </div>
                            ))}
                    </dl>
                </section>
            ))}
        </div>
    );
}

/** As it is written on keyboards. */
const written = (press: string) => press.replace('Arrow', '').replace(/(?<=^|\+)[a-z]$/, (key) => key.toUpperCase());
