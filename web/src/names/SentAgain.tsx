import { Link } from 'wouter';
import { nameOf, type Names } from './people';

/** Says who was sent back to the Cut room. */
export function SentAgain({
    names,
    sent,
    design,
}: {
    names: Names;
    sent: readonly string[];
    design: string | undefined;
}) {
    const people = names.people.filter(({ id }) => sent.includes(id));
    return (
        <p role="status" className={people.length > 0 ? 'mx-4 mb-2 rounded-[3px] bg-tape px-3 py-1.5' : 'sr-only'}>
            {people.length > 0 && (
                <>
                    <b>{people.map(nameOf).join(', ')}</b> will be cut again.{' '}
                    <Link
                        to={design ? `/cut-room/${design}` : '/cut-room'}
                        className="font-semibold text-indigo hover:underline"
                    >
                        To the Cut room
                    </Link>
                </>
            )}
        </p>
    );
}
