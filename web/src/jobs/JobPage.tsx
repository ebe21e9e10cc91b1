import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'wouter';
import { Refusal } from '../api/client';
import { job } from '../api/queries';
import { Header } from '../ui/Header';
import { Message } from '../ui/Message';
import { JobView } from './JobView';
import { useFreshJobs } from './useFreshJobs';

/** One job's sheet. */
export function JobPage() {
    const { id = '' } = useParams();
    const sheet = useQuery(job(id));
    useFreshJobs();
    const gone = sheet.error instanceof Refusal && sheet.error.status === 404;
    return (
        <div className="flex min-h-dvh flex-col">
            <Header />
            <main className="flex flex-1 flex-col">
                {sheet.data ? (
                    <JobView key={id} sheet={sheet.data} />
                ) : sheet.isPending ? (
                    <Message title="Fetching the job…" />
                ) : (
                    <Message title={gone ? 'There is no such job' : 'The job can’t be fetched'}>
                        <p>
                            {gone
                                ? 'It may be on another machine.'
                                : 'The server does not answer. Start it with bin/start, then try again.'}
                        </p>
                        <Link to="/" className="mt-4 inline-block font-semibold text-indigo underline">
                            Back to the jobs
                        </Link>
                    </Message>
                )}
            </main>
        </div>
    );
}
