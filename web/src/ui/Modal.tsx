import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import type { ReactNode } from 'react';

interface Props {
    open: boolean;
    title: string;
    /** Called on Escape and on a click beside it; left out where something has to be chosen. */
    onClose?: () => void;
    wide?: boolean;
    widest?: boolean;
    children: ReactNode;
}

/** Something to be dealt with before the page goes on. */
export function Modal({ open, title, onClose, wide, widest, children }: Props) {
    return (
        <Dialog open={open} onClose={() => onClose?.()} className="relative z-30">
            <div aria-hidden className="fixed inset-0 bg-ink/30" />
            <div className="fixed inset-0 flex items-center justify-center p-6">
                <DialogPanel
                    className={`card max-h-full overflow-y-auto p-5 ${widest ? 'w-[940px]' : wide ? 'w-[620px]' : 'w-[420px]'}`}
                >
                    <DialogTitle as="h1" className="text-base font-bold">
                        {title}
                    </DialogTitle>
                    <div className="stitch mt-3 pt-3">{children}</div>
                </DialogPanel>
            </div>
        </Dialog>
    );
}
