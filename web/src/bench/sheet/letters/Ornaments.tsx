import { useState } from 'react';
import type { Line } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { withOrnament } from '../../model/edits';
import { Row } from '../../shared/Row';
import { useBenchStore } from '../../state/store';
import { GlyphChoice } from './GlyphChoice';

type Where = 'before' | 'after';

/** Inserts an ornament before or after the chosen letter or the words. */
export function Ornaments({ line, chosen }: { line: Line; chosen: number | null }) {
    const { change, look } = useBenchStore().getState();
    const [where, setWhere] = useState<Where | null>(null);
    const last = Array.from(line.lettering.words).length;
    const what = chosen === null ? 'the words' : 'the letter';
    const put = (glyph: number) => {
        const place = where === 'before' ? (chosen ?? 0) : chosen === null ? last : chosen + 1;
        change(withOrnament(line.id, place, glyph));
        look({ letter: place });
    };
    return (
        <Row name="Ornament">
            {(['before', 'after'] as const).map((side) => (
                <Button key={side} look="words" small onClick={() => setWhere(side)}>
                    {`${side} ${what}`}
                </Button>
            ))}
            <GlyphChoice
                font={line.lettering.font}
                title="An ornament"
                open={where !== null}
                onClose={() => setWhere(null)}
                onChoose={put}
            />
        </Row>
    );
}
