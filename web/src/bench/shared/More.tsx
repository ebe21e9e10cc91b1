import { Button } from '../../ui/Button';
import { useState, type ReactNode } from 'react';
import { useBench } from '../state/store';

interface Props {
    /** Its fields; it opens when one of them is requested. */
    fields?: readonly string[];
    children: ReactNode;
}

/** Rare settings, folded. */
export function More({ fields = [], children }: Props) {
    const asked = useBench((bench) => bench.field !== null && fields.includes(bench.field));
    const [opened, setOpened] = useState(false);
    if (asked && !opened) {
        setOpened(true);
    }
    return (
        <div className="mt-1.5">
            <Button aria-expanded={opened} look="words" small onClick={() => setOpened(!opened)}>
                {opened ? 'Less' : 'More'}
            </Button>
            {opened && <div className="mt-1.5">{children}</div>}
        </div>
    );
}
