import { Button } from '../../ui/Button';
import { useState, type ReactNode } from 'react';
import { useBench } from '../state/store';

interface Props {
    /** The fields that are in it: when one is gone to, it opens. */
    fields?: readonly string[];
    children: ReactNode;
}

/** What is rare, folded away. */
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
