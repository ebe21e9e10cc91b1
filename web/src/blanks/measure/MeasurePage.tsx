import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useLocation, useParams } from 'wouter';
import { blanks } from '../../api/queries';
import { Header } from '../../ui/Header';
import { NotThere } from '../../ui/NotThere';
import { MeasureAsked } from './MeasureAsked';
import { MeasurePicture } from './MeasurePicture';
import { MeasureResult } from './MeasureResult';
import { MeasureStart } from './MeasureStart';
import { MeasureWay } from './MeasureWay';
import { useMeasuring } from './useMeasuring';
import type { ShopBlank } from '../../api/client';

/** Measure a blank: a measure after another, each shown on the drawing; then its areas, worked out. */
export function MeasurePage() {
    const { blank = '' } = useParams();
    const list = useQuery(blanks);
    useEffect(() => {
        document.title = 'Measure a blank · Uvret';
    }, []);
    return (
        <div className="flex h-dvh flex-col">
            <Header />
            {list.data ? (
                <Way key={blank} of={list.data.find((entry) => entry.blank.id === blank)?.blank} />
            ) : (
                <NotThere what="blanks" empty="The shop has no blanks" list={list} />
            )}
        </div>
    );
}

function Way({ of }: { of: ShopBlank | undefined }) {
    const [, navigate] = useLocation();
    const measuring = useMeasuring(of, (id) => navigate(`/blanks/${id}`));
    const { step, asked, work } = measuring;
    const measure = typeof step === 'number' ? asked[step] : undefined;
    return (
        <main className="grid min-h-0 flex-1 grid-cols-[264px_minmax(0,1fr)_380px] max-[900px]:grid-cols-1 max-[900px]:overflow-y-auto">
            <MeasureWay measuring={measuring} />
            <MeasurePicture measuring={measuring} />
            <section aria-label="What to do" className="min-h-0 overflow-y-auto border-l border-seam p-5">
                {step === 'start' && <MeasureStart measuring={measuring} />}
                {measure && <MeasureAsked key={measure.name} measure={measure} measuring={measuring} />}
                {step === 'result' && work.data && <MeasureResult made={work.data} measuring={measuring} />}
            </section>
        </main>
    );
}
