import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useParams } from 'wouter';
import { job, roster } from '../api/queries';
import { Header } from '../ui/Header';
import { NotThere } from '../ui/NotThere';
import { NamesView } from './NamesView';

/** A job's names: the list, and every piece as it will be. */
export function NamesPage() {
    const { id = '' } = useParams();
    const sheet = useQuery(job(id));
    const list = useQuery(roster(id));
    useEffect(() => {
        document.title = `${sheet.data?.title ?? 'Names'} · names · Uvret`;
    }, [sheet.data?.title]);
    return (
        <div className="flex h-dvh flex-col">
            <Header />
            {list.data ? (
                <NamesView key={id} job={id} title={sheet.data?.title ?? ''} roster={list.data} />
            ) : (
                <NotThere what="names" empty="There are no names yet" list={list} />
            )}
        </div>
    );
}
