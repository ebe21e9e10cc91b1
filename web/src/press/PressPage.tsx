import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useLocation, useParams } from 'wouter';
import { pressDesigns, pressSheet } from '../api/queries';
import { Header } from '../ui/Header';
import { Message } from '../ui/Message';
import { NotThere } from '../ui/NotThere';
import { PressView } from './PressView';
import { usePressed } from './usePressed';

/** At the press: the pieces of a design one after another. */
export function PressPage() {
    const { design = '' } = useParams();
    const [, navigate] = useLocation();
    const [row, setRow] = useState('');
    // The press that was chosen for this design; none for the one that suits best.
    const [chosen, setChosen] = useState({ design: '', press: '' });
    const designs = useQuery(pressDesigns);
    const shown = design || designs.data?.[0]?.id || '';
    const press = chosen.design === shown ? chosen.press : '';
    const sheet = useQuery({ ...pressSheet(shown, row, press), enabled: shown !== '' });
    const pressed = usePressed();
    useEffect(() => {
        document.title = `${sheet.data?.title ?? 'At the press'} · Uvret`;
    }, [sheet.data?.title]);
    return (
        <div className="flex h-dvh flex-col">
            <Header />
            {sheet.data ? (
                <PressView
                    key={`${shown} ${sheet.data.row} ${sheet.data.press}`}
                    sheet={sheet.data}
                    designs={designs.data ?? []}
                    pressed={pressed}
                    chosen={press}
                    onPress={(id) => setChosen({ design: shown, press: id })}
                    onRow={setRow}
                    onDesign={(next) => {
                        setRow('');
                        navigate(`/press/${next}`);
                    }}
                />
            ) : designs.data?.length === 0 ? (
                <main className="flex flex-1">
                    <Message title="Nothing to press">
                        <p>Set a job to be cut or pressed on its sheet, and its pieces appear here.</p>
                        <Link to="/" className="mt-4 inline-block font-semibold text-indigo underline">
                            To the jobs
                        </Link>
                    </Message>
                </main>
            ) : (
                <NotThere what="press plan" empty="There is nothing to press" list={shown === '' ? designs : sheet} />
            )}
        </div>
    );
}
