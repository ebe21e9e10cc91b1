import { useState } from 'react';
import type { Letter, Line } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { NumberField } from '../../../ui/NumberField';
import { Segments } from '../../../ui/Segments';
import { lettersAlike, plainLetter, withLetterFilm, withLetters } from '../../model/edits';
import { FilmChoice } from '../../shared/FilmChoice';
import { Row, Rows } from '../../shared/Row';
import { useBench, useBenchStore } from '../../state/store';
import { GlyphChoice } from './GlyphChoice';
import { LetterForms } from '../../shared/LetterForms';
import { Ornaments } from './Ornaments';

/** Position, rotation, size, film and form of one letter, or of all letters like it. */
export function OneLetter({ line, at }: { line: Line; at: number }) {
    const { change, look } = useBenchStore().getState();
    const [choosing, setChoosing] = useState(false);
    const letter = line.lettering.letters.find((candidate) => candidate.at === at) ?? plainLetter(at);
    const twins = lettersAlike(line, at);
    const alike = useBench((bench) => bench.alike);
    const places = alike ? twins : [at];
    const set = (next: Partial<Letter>, what: string) =>
        change(
            withLetters(line.id, places, (now) => Object.assign(now, next)),
            `${what}:${line.id}:${places.join()}`,
        );
    const nudge = { unit: '‰', least: -5000, most: 5000, digits: 1 };
    return (
        <>
            <Rows>
                {twins.length > 1 && (
                    <Row name="Chosen">
                        <Segments
                            label="Select matching letters too"
                            small
                            value={alike ? 'all' : 'one'}
                            options={[
                                { value: 'one', show: 'this one' },
                                { value: 'all', show: `all ${twins.length} alike` },
                            ]}
                            onChange={(which) => look({ alike: which === 'all' })}
                        />
                    </Row>
                )}
                <Row name="Move">
                    <NumberField
                        label="Letter to the right"
                        {...nudge}
                        unit="right"
                        value={letter.along}
                        onChange={(along) => set({ along }, 'along')}
                    />
                    <NumberField
                        label="Letter up"
                        {...nudge}
                        unit="up"
                        value={letter.across}
                        onChange={(across) => set({ across }, 'across')}
                    />
                </Row>
                <Row name="Kern">
                    <NumberField
                        label="Space before the letter"
                        {...nudge}
                        unit="before"
                        value={letter.kern}
                        onChange={(kern) => set({ kern }, 'kern')}
                    />
                    <NumberField
                        label="Turn of the letter in degrees"
                        unit="°"
                        least={-180}
                        most={180}
                        digits={1}
                        value={letter.turn}
                        onChange={(turn) => set({ turn }, 'turn')}
                    />
                </Row>
                <Row name="Size, film">
                    <NumberField
                        label="Size of the letter in percent"
                        unit="%"
                        least={10}
                        most={500}
                        digits={1}
                        value={letter.scale}
                        onChange={(scale) => set({ scale }, 'scale')}
                    />
                    <FilmChoice
                        label="Film of the letter"
                        value={letter.film || line.film}
                        onChange={(film) => film && change(withLetterFilm(line.id, places, film))}
                    />
                </Row>
            </Rows>
            <LetterForms line={line} at={at} onChoose={(features) => set({ features }, 'form')} />
            <span className="mt-1.5 flex justify-between">
                <Button look="words" small onClick={() => setChoosing(true)}>
                    Any glyph…
                </Button>
                <Button
                    look="words"
                    small
                    onClick={() =>
                        change(withLetters(line.id, places, (now) => Object.assign(now, plainLetter(now.at))))
                    }
                >
                    {places.length > 1 ? 'Reset the letters' : 'Reset the letter'}
                </Button>
            </span>
            <div className="mt-1.5">
                <Rows>
                    <Ornaments line={line} chosen={at} />
                </Rows>
            </div>
            <GlyphChoice
                font={line.lettering.font}
                title="Another glyph for the letter"
                open={choosing}
                onClose={() => setChoosing(false)}
                onChoose={(glyph) => set({ glyph, features: [] }, 'glyph')}
            />
        </>
    );
}
