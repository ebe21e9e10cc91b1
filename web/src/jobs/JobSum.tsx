import { useQuery } from '@tanstack/react-query';
import type { JobSheet } from '../api/client';
import { jobSum } from '../api/queries';
import { showFilm } from '../measure';
import { NumberField } from '../ui/NumberField';
import { Swatch } from '../ui/Swatch';

/** What the job comes to: film, minutes, pieces, and the cost beside the price where the shop has an hourly rate. */
export function JobSum({ sheet, onPrice }: { sheet: JobSheet; onPrice: (price: number) => void }) {
    const found = useQuery({ ...jobSum(sheet.id), enabled: sheet.designs.length > 0 });
    const sum = found.data;
    if (!sum) {
        return found.error ? (
            <p className="stitch mt-4 pt-3 text-xs text-quiet">The sum can’t be worked out now.</p>
        ) : null;
    }
    const each = (value: number) => value / Math.max(1, sum.pieces);
    const one = sum.people > 0 ? 'per person' : 'per piece';
    const times = [
        ['Cut', sum.cut],
        ['Weed', sum.weed],
        ['Press', sum.press],
    ] as const;
    const work = sum.cut + sum.weed + sum.press;
    return (
        <section aria-label="Totals" className="stitch mt-4 pt-3">
            <h2 className="heading flex justify-between">
                Totals
                <span className="font-normal tracking-normal normal-case">
                    {sum.people > 0 ? `${sum.people} people` : sum.pieces === 1 ? '1 piece' : `${sum.pieces} pieces`}
                </span>
            </h2>
            <table className="mt-2 w-full text-sm tabular-nums">
                <tbody>
                    {sum.films.map((film) => (
                        <tr key={film.id}>
                            <th scope="row" className="py-0.5 text-left font-normal">
                                <span className="flex items-center gap-1.5">
                                    <Swatch colour={film.colour} />
                                    {film.name}
                                </span>
                            </th>
                            <td className="text-right">
                                {showFilm(film.length, 'mm')}
                                {film.short > 0 && (
                                    <span className="block text-xs font-semibold text-madder">
                                        {showFilm(film.short, 'mm')} short
                                    </span>
                                )}
                            </td>
                            <td className="w-20 text-right">{film.cost > 0 ? money(film.cost) : ''}</td>
                        </tr>
                    ))}
                    {times.map(([name, seconds]) => (
                        <tr key={name}>
                            <th scope="row" className="py-0.5 text-left font-normal">
                                {name}
                                {name === 'Weed' && <span className="text-quiet"> ({sum.toWeed} to pick out)</span>}
                            </th>
                            <td className="text-right">{minutes(seconds)}</td>
                            <td className="text-right">{sum.rate > 0 ? money((sum.rate * seconds) / 3600) : ''}</td>
                        </tr>
                    ))}
                    <tr className="border-t border-seam font-semibold">
                        <th scope="row" className="pt-1 text-left">
                            Total
                        </th>
                        <td className="pt-1 text-right">{minutes(work)}</td>
                        <td className="pt-1 text-right">{sum.cost === null ? money(sum.film) : money(sum.cost)}</td>
                    </tr>
                    <tr className="text-quiet">
                        <th scope="row" className="text-left font-normal">
                            {one}
                        </th>
                        <td className="text-right">{minutes(each(work))}</td>
                        <td className="text-right">{money(each(sum.cost ?? sum.film))}</td>
                    </tr>
                </tbody>
            </table>
            {sum.cost !== null && (
                <div className="mt-2 flex items-center justify-between gap-2">
                    <span className="flex items-center gap-2">
                        Price
                        <NumberField
                            label="Price of the job"
                            unit="total"
                            least={0}
                            most={1_000_000}
                            digits={2}
                            value={sheet.price}
                            onChange={onPrice}
                        />
                    </span>
                    {sheet.price > 0 && (
                        <span className={sheet.price < sum.cost ? 'font-semibold text-madder' : 'text-sage'}>
                            {sheet.price < sum.cost
                                ? `${money(sum.cost - sheet.price)} below cost`
                                : `${money(sheet.price - sum.cost)} above cost`}
                        </span>
                    )}
                </div>
            )}
        </section>
    );
}

const money = (amount: number) => amount.toFixed(2);

/** Whole minutes, from two hours on in hours; short times to a tenth of a minute. */
function minutes(seconds: number): string {
    const whole = Math.round(seconds / 60);
    if (seconds < 600) {
        return `${(seconds / 60).toFixed(1)} min`;
    }
    return whole < 120 ? `${whole} min` : `${Math.floor(whole / 60)} h ${whole % 60} min`;
}
