import { Link } from 'wouter';
import { Header } from './Header';
import { Message } from './Message';

export function NotFound() {
    return (
        <div className="flex h-dvh flex-col">
            <Header />
            <main className="flex flex-1">
                <Message title="There is nothing at this address">
                    <Link to="/" className="font-semibold text-indigo underline">
                        Back to the jobs
                    </Link>
                </Message>
            </main>
        </div>
    );
}
