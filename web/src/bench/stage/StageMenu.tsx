import { lazy, Suspense } from 'react';
import { useBench } from '../state/store';

const OpenMenu = lazy(() => import('./OpenMenu').then(({ OpenMenu }) => ({ default: OpenMenu })));

/** Actions for what was right-clicked or long-pressed. */
export function StageMenu() {
    const menu = useBench((bench) => bench.menu);
    return (
        menu && (
            <Suspense>
                <OpenMenu key={`${menu.x} ${menu.y}`} {...menu} />
            </Suspense>
        )
    );
}
