import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { Shop } from '../api/client';
import { shop } from '../api/queries';
import { Header } from '../ui/Header';
import { Message } from '../ui/Message';
import { NotSaved } from '../ui/NotSaved';
import { NumberField } from '../ui/NumberField';
import { Segments } from '../ui/Segments';
import { TextField } from '../ui/TextField';
import { ShopPresses } from './ShopPresses';
import { useShop } from './useShop';

/** What is set for the whole shop. */
export function ShopPage() {
    const found = useQuery(shop);
    useEffect(() => {
        document.title = 'The shop · Uvret';
    }, []);
    return (
        <div className="flex min-h-dvh flex-col">
            <Header />
            <main className="flex flex-1 flex-col items-center px-7 py-8">
                {found.data ? (
                    <Settings now={found.data} />
                ) : (
                    <Message title={found.isPending ? 'Fetching the settings…' : 'The settings can’t be fetched'} />
                )}
            </main>
        </div>
    );
}

const hands = [
    ['begin', 'per layer'],
    ['metre', 'per metre of outline'],
    ['neck', 'per narrow spot'],
    ['hole', 'per hole'],
    ['small', 'extra per small hole'],
    ['stroke', 'per thin stroke'],
] as const satisfies readonly (readonly [keyof Shop['weeding'], string])[];

const lengths = [
    ['gap', 'Frame gap', 0, 100],
    ['edge', 'Unusable film edge', 0, 100],
    ['smallest', 'Smallest scrap kept', 10, 1000],
] as const satisfies readonly (readonly [keyof Shop['layout'], string, number, number])[];

const matSides = [
    ['width', 'Width', 100, 2000],
    ['length', 'Length', 100, 2000],
    ['edge', 'Free edge', 0, 40],
] as const satisfies readonly (readonly [keyof Shop['layout']['mat'], string, number, number])[];

function Settings({ now }: { now: Shop }) {
    const { value, change, note, saving, retry } = useShop(now);
    return (
        <section aria-label="The shop" className="card grid w-[480px] gap-4 p-5">
            <h1 className="text-xl font-bold">The shop</h1>
            <TextField
                label="Name"
                longest={80}
                value={value.name}
                wrong={note?.path === 'name' ? note.text : null}
                onChange={(name) => change((shop) => ({ ...shop, name }))}
            />
            <div className="flex items-center justify-between gap-3">
                <span className="text-xs text-quiet">New designs are measured in</span>
                <Segments
                    label="Unit of new designs"
                    value={value.unit}
                    options={[
                        { value: 'mm', show: 'millimetres' },
                        { value: 'in', show: 'inches' },
                    ]}
                    onChange={(unit) => change((shop) => ({ ...shop, unit }))}
                />
            </div>
            <fieldset className="stitch grid gap-2 pt-3">
                <legend className="sr-only">Weeding</legend>
                <p className="text-xs text-quiet">
                    Weeding times in seconds. The Cut room estimates minutes from them.
                </p>
                <div className="grid grid-cols-2 gap-x-6 gap-y-1.5">
                    {hands.map(([factor, say]) => (
                        <span key={factor} className="flex items-center justify-between gap-2 text-xs">
                            {say}
                            <NumberField
                                label={`Seconds ${say}`}
                                unit="s"
                                value={value.weeding[factor]}
                                least={0}
                                most={600}
                                digits={1}
                                onChange={(seconds) =>
                                    change((shop) => ({ ...shop, weeding: { ...shop.weeding, [factor]: seconds } }))
                                }
                            />
                        </span>
                    ))}
                </div>
            </fieldset>
            <fieldset className="stitch grid gap-2 pt-3">
                <legend className="sr-only">Layout on film</legend>
                <p className="text-xs text-quiet">Layout on film</p>
                <div className="grid grid-cols-2 gap-x-6 gap-y-1.5">
                    {lengths.map(([setting, say, least, most]) => (
                        <span key={setting} className="flex items-center justify-between gap-2 text-xs">
                            {say}
                            <NumberField
                                label={say}
                                unit="mm"
                                value={value.layout[setting] / 1000}
                                least={least}
                                most={most}
                                digits={1}
                                onChange={(length) =>
                                    change((shop) => ({
                                        ...shop,
                                        layout: { ...shop.layout, [setting]: Math.round(1000 * length) },
                                    }))
                                }
                            />
                        </span>
                    ))}
                    <span className="flex items-center justify-between gap-2 text-xs">
                        Search time
                        <NumberField
                            label="Search time"
                            unit="s"
                            value={value.layout.seconds}
                            least={1}
                            most={600}
                            digits={0}
                            onChange={(seconds) => change((shop) => ({ ...shop, layout: { ...shop.layout, seconds } }))}
                        />
                    </span>
                </div>
            </fieldset>
            <fieldset className="-mt-2 grid gap-1.5 text-xs">
                <legend className="mb-1 text-xs text-quiet">Carrier mat</legend>
                <div className="grid grid-cols-2 gap-x-6 gap-y-1.5">
                    {matSides.map(([side, say, least, most]) => (
                        <span key={side} className="flex items-center justify-between gap-2">
                            {say}
                            <NumberField
                                label={`${say} of the mat`}
                                unit="mm"
                                value={value.layout.mat[side] / 1000}
                                least={least}
                                most={most}
                                digits={1}
                                onChange={(length) =>
                                    change((shop) => ({
                                        ...shop,
                                        layout: {
                                            ...shop.layout,
                                            mat: { ...shop.layout.mat, [side]: Math.round(1000 * length) },
                                        },
                                    }))
                                }
                            />
                        </span>
                    ))}
                </div>
            </fieldset>
            <fieldset className="-mt-2 grid gap-1.5 text-xs">
                <legend className="mb-1 text-xs text-quiet">Film sheets; 0 if films come on rolls</legend>
                <div className="grid grid-cols-2 gap-x-6">
                    {(['width', 'length'] as const).map((side) => (
                        <span key={side} className="flex items-center justify-between gap-2">
                            {side === 'width' ? 'Width' : 'Length'}
                            <NumberField
                                label={`${side === 'width' ? 'Width' : 'Length'} of film sheets`}
                                unit="mm"
                                value={value.layout.sheet[side] / 1000}
                                least={0}
                                most={2000}
                                digits={1}
                                onChange={(length) =>
                                    change((shop) => ({
                                        ...shop,
                                        layout: {
                                            ...shop.layout,
                                            sheet: { ...shop.layout.sheet, [side]: Math.round(1000 * length) },
                                        },
                                    }))
                                }
                            />
                        </span>
                    ))}
                </div>
            </fieldset>
            <label className="-mt-2 flex items-baseline gap-2 text-xs">
                <input
                    type="checkbox"
                    checked={value.layout.numbers}
                    onChange={({ target }) =>
                        change((shop) => ({ ...shop, layout: { ...shop.layout, numbers: target.checked } }))
                    }
                    className="accent-indigo"
                />
                <span>
                    <b>Cut a small number beside each piece</b> <span className="text-quiet">in the waste.</span>
                </span>
            </label>
            <ShopPresses value={value.press} onChange={(press) => change((shop) => ({ ...shop, press }))} />
            <div className="stitch flex items-center justify-between gap-3 pt-3 text-xs">
                <span>
                    <b>Hourly rate</b> <span className="text-quiet">0 leaves costs out of the job’s sum.</span>
                </span>
                <NumberField
                    label="Hourly rate"
                    unit="an hour"
                    least={0}
                    most={10000}
                    digits={2}
                    value={value.rate}
                    onChange={(rate) => change((shop) => ({ ...shop, rate }))}
                />
            </div>
            <label className="stitch flex items-baseline gap-2 pt-3 text-xs">
                <input
                    type="checkbox"
                    checked={value.compensates}
                    onChange={({ target }) => change((shop) => ({ ...shop, compensates: target.checked }))}
                    className="accent-indigo"
                />
                <span>
                    <b>The cutter compensates for blade offset.</b>{' '}
                    <span className="text-quiet">
                        Tick this only if its manual says so; otherwise corners come out rounded.
                    </span>
                </span>
            </label>
            <p className="stitch pt-3 text-xs text-quiet">
                Existing designs keep their unit. To keep the whole shop safe, run{' '}
                <code className="whitespace-nowrap">bin/console uvret:backup shop.zip</code> now and then; it works
                while Uvret runs.
            </p>
            <NotSaved note={note?.path === 'name' ? null : note} stopped={saving.state === 'stopped'} onRetry={retry} />
        </section>
    );
}
