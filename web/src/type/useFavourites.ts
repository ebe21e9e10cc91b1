import { useCallback, useState } from 'react';

const KEY = 'uvret.favourite-fonts';

function stored(): ReadonlySet<string> {
    try {
        const list: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
        return new Set(Array.isArray(list) ? list.filter((id): id is string => typeof id === 'string') : []);
    } catch {
        return new Set();
    }
}

/** The fonts that someone likes best, kept in their browser. */
export function useFavourites() {
    const [favourites, setFavourites] = useState(stored);
    const toggle = useCallback((id: string) => {
        setFavourites((now) => {
            const next = new Set(now);
            if (!next.delete(id)) {
                next.add(id);
            }
            localStorage.setItem(KEY, JSON.stringify([...next]));
            return next;
        });
    }, []);
    return { favourites, toggle };
}
