import { Radio, RadioGroup } from '@headlessui/react';
import type { JobState } from '../api/client';
import { capitalised, states, toneOf } from './states';

/** How far the job is: a thread sewn from knot to knot. */
export function StateThread({ value, onChange }: { value: JobState; onChange: (state: JobState) => void }) {
    const reached = states.indexOf(value);
    return (
        <RadioGroup aria-label="Job status" value={value} onChange={onChange} className="mt-5 flex">
            {states.map((state, at) => (
                <Radio
                    key={state}
                    value={state}
                    className="group relative flex flex-1 cursor-pointer flex-col items-center gap-1 rounded-[3px] pb-1 text-xs"
                >
                    {at > 0 && (
                        <span
                            aria-hidden
                            className={`absolute top-[7px] right-1/2 w-full border-t-2 border-dashed ${at <= reached ? 'border-marigold' : 'border-seam'}`}
                        />
                    )}
                    <span
                        aria-hidden
                        className={`relative z-10 size-4 rounded-full border-2 ${at <= reached ? 'border-marigold bg-marigold' : 'border-seam bg-paper group-hover:border-quiet'} ${at === reached ? 'ring-2 ring-marigold/30' : ''}`}
                    />
                    <span className={at === reached ? `font-bold ${toneOf[state]}` : 'text-quiet'}>
                        {capitalised(state)}
                    </span>
                </Radio>
            ))}
        </RadioGroup>
    );
}
