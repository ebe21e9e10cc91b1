import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import type { Key } from './keys';

/** The keys, and what each does. */
export function KeysHelp({ keys, open, onClose }: { keys: readonly Key[]; open: boolean; onClose: () => void }) {
    return (
        <Dialog open={open} onClose={onClose} className="relative z-30">
            <div aria-hidden className="fixed inset-0 bg-ink/30" />
            <div className="fixed inset-0 flex items-center justify-center p-6">
                <DialogPanel className="card max-h-full w-96 overflow-y-auto p-5">
                    <DialogTitle as="h1" className="text-base font-bold">
                        Keys
                    </DialogTitle>
                    <dl className="stitch mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5 pt-3">
                        {keys.map((key) => (
                            <div key={key.press} className="contents">
                                <dt className="text-right">
                                    <kbd className="rounded-[2px] border border-seam bg-muslin px-1.5 py-0.5 font-sans text-xs">
                                        {key.press.replace('Arrow', '').replaceAll('+', ' + ')}
                                    </kbd>
                                </dt>
                                <dd>{key.does}</dd>
                            </div>
                        ))}
                    </dl>
                    <button
                        className="field mt-4 w-full font-semibold text-indigo hover:border-indigo"
                        onClick={onClose}
                    >
                        Close
                    </button>
                </DialogPanel>
            </div>
        </Dialog>
    );
}
