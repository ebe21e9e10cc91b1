import { lazy, Suspense } from 'react';
import { useBench } from '../state/store';

const OpenMenu = lazy(() => import('./OpenMenu').then(({ OpenMenu }) => ({ default: OpenMenu })));

/** The few actions that fit what was hit by a right click or a long press. */
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
