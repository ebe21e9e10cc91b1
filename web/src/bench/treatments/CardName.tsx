import type { Design } from '../../api/client';
import { cardName } from '../edits';

export function CardName({ id, design }: { id: string; design: Design }) {
    return <b className="max-w-full min-w-0 truncate text-xs">{cardName(design, id)}</b>;
}
