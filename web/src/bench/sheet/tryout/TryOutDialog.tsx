import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, server, type FontCard, type Line } from '../../../api/client';
import { show } from '../../../measure';
import { hasAlternates } from '../../../type/find';
import { Modal } from '../../../ui/Modal';
import { Button } from '../../../ui/Button';
import { Segments } from '../../../ui/Segments';
import { useBench } from '../../state/store';

type Among = 'joining' | 'blocks' | 'alternates' | 'own';

interface Props {
    line: Line;
    typeCase: readonly FontCard[];
    onClose: () => void;
    onChoose: (font: string) => void;
}

const MOST = 12;

/** The line in up to twelve fonts at the same ink width; choosing one applies it. */
export function TryOutDialog({ line, typeCase, onClose, onChoose }: Props) {
    const design = useBench((bench) => bench.design);
    const current = typeCase.find((font) => font.id === line.lettering.font);
    const [among, setAmong] = useState<Among>(current?.joins ? 'joining' : 'blocks');
    const fonts = typeCase
        .filter((font) => {
            switch (among) {
                case 'joining':
                    return font.joins;
                case 'blocks':
                    return !font.joins;
                case 'alternates':
                    return hasAlternates(font);
                case 'own':
                    return font.own;
            }
        })
        .sort((a, b) => Math.abs(a.stem - (current?.stem ?? 0)) - Math.abs(b.stem - (current?.stem ?? 0)))
        .slice(0, MOST)
        .map((font) => font.id);
    const film = design.films.find((candidate) => candidate.id === line.film);
    const tries = useQuery({
        queryKey: ['try-outs', line, fonts],
        queryFn: () => answer(server.POST('/api/try-outs', { body: { document: design, line: line.id, fonts } })),
        enabled: fonts.length > 0 && line.lettering.words.trim() !== '',
        staleTime: Infinity,
    });
    return (
        <Modal open title={`Try-out: “${line.lettering.words}”`} onClose={onClose} widest>
            <div className="flex items-center justify-between gap-3">
                <Segments
                    label="Among which fonts"
                    value={among}
                    options={[
                        { value: 'joining', show: 'joining scripts' },
                        { value: 'blocks', show: 'others, nearest in weight first' },
                        { value: 'alternates', show: 'with alternates' },
                        { value: 'own', show: 'the shop’s own' },
                    ]}
                    onChange={setAmong}
                />
                <Button className="px-3" onClick={onClose}>
                    Close
                </Button>
            </div>
            {fonts.length === 0 && <p className="mt-4 text-quiet">The type case has no such font.</p>}
            {tries.isFetching && <p className="mt-4 text-quiet">Setting the words…</p>}
            {tries.isError && (
                <p className="mt-4 text-madder">The fonts can’t be tried now. Close this and try again.</p>
            )}
            <ul className="mt-4 grid grid-cols-3 gap-3">
                {tries.data?.map(({ font, path, frame, thinnest, toWeed, snags }) => (
                    <li key={font}>
                        <button
                            className={`card flex h-full w-full flex-col p-2 text-left hover:border-quiet ${font === line.lettering.font ? 'border-marigold!' : ''}`}
                            onClick={() => onChoose(font)}
                        >
                            {frame && (
                                <svg
                                    aria-hidden
                                    viewBox={`${frame.left} ${frame.top} ${frame.width} ${frame.height}`}
                                    className="w-full rounded-[2px] p-2"
                                    style={{ background: design.blank.fabric.colour }}
                                >
                                    <path d={path} fill={film?.colour ?? 'var(--color-ink)'} fillRule="evenodd" />
                                </svg>
                            )}
                            <b className="mt-1.5 truncate">
                                {typeCase.find((candidate) => candidate.id === font)?.name ?? font}
                            </b>
                            <span className="text-xs text-quiet">
                                {frame && `${show(frame.height, design.unit)} ${design.unit} high · `}
                                thinnest {show(thinnest, design.unit)} · {toWeed} to weed
                            </span>
                            <span
                                className={`text-xs ${snags.length > 0 ? 'text-madder' : 'font-semibold text-sage-deep'}`}
                            >
                                {snags.length === 0
                                    ? 'No snags'
                                    : `${snags.length === 1 ? '1 snag' : `${snags.length} snags`}: ${snags[0]}`}
                            </span>
                        </button>
                    </li>
                ))}
            </ul>
        </Modal>
    );
}
