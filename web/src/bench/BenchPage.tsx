import { Button } from '../ui/Button';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams, useSearchParams } from 'wouter';
import { Refusal } from '../api/client';
import { openDesign } from '../api/queries';
import { Header } from '../ui/Header';
import { Message } from '../ui/Message';
import { Bench } from './Bench';

export function BenchPage() {
    const { id = '' } = useParams();
    const [asked] = useSearchParams();
    const opened = useQuery(openDesign(id));
    if (opened.data) {
        return <Bench key={id} opened={opened.data} person={asked.get('person')} />;
    }
    const gone = opened.error instanceof Refusal && opened.error.status === 404;
    return (
        <div className="flex h-dvh flex-col">
            <Header />
            <main className="flex flex-1">
                {opened.isPending ? (
                    <Message title="Opening the design…" />
                ) : (
                    <Message title={gone ? 'There is no such design' : 'The design can’t be opened'}>
                        <p>
                            {gone
                                ? 'It may have been removed.'
                                : opened.error instanceof Refusal
                                  ? opened.error.message
                                  : 'The server does not answer. Start it with bin/start, then try again.'}
                        </p>
                        <p className="mt-4 flex justify-center gap-4">
                            {!gone && (
                                <Button look="words" onClick={() => void opened.refetch()}>
                                    Try again
                                </Button>
                            )}
                            <Link to="/" className="font-semibold text-indigo underline">
                                Back to the jobs
                            </Link>
                        </p>
                    </Message>
                )}
            </main>
        </div>
    );
}
