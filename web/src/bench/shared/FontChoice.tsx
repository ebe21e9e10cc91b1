import type { FontCard } from '../../api/client';
import { Choice } from '../../ui/Choice';
import { faceOf, loadFaces } from '../../type/fontFaces';

interface Props {
    words: string;
    value: string;
    typeCase: readonly FontCard[];
    onChange: (font: string) => void;
}

/** The type case, with the customer's own words in each font. */
export function FontChoice({ words, value, typeCase, onChange }: Props) {
    const missing = { id: value, name: value, use: 'not in the type case', licence: '' };
    const current = typeCase.find((font) => font.id === value) ?? missing;
    return (
        <Choice
            label="Font"
            className="min-w-0 flex-1"
            wide
            value={current}
            options={typeCase}
            by={(font) => font.id}
            onOpen={() => loadFaces(typeCase)}
            onChange={(font) => onChange(font.id)}
            showChosen={(font) => (
                <span className="truncate" title={`${font.name}, ${font.use}`}>
                    {font.name}
                </span>
            )}
            show={(font) => (
                <span className="grid w-full min-w-0 grid-cols-[1fr_auto] items-baseline gap-x-3">
                    <span
                        className="truncate text-[22px] leading-9 font-normal"
                        style={{ fontFamily: `'${faceOf(font.id)}'` }}
                    >
                        {words.trim() || 'Tern Point'}
                    </span>
                    <span className="text-right text-2xs leading-tight text-quiet">
                        {font.name}
                        <br />
                        {font.use}
                    </span>
                </span>
            )}
        />
    );
}
