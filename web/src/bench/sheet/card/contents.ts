import type { ComponentType } from 'react';
import type { Card } from '../../model/edits';
import type { Drawer } from '../../model/summary';
import { BendDrawer } from '../bend/BendDrawer';
import { ColoursDrawer } from '../colours/ColoursDrawer';
import { CopiesDrawer } from '../copies/CopiesDrawer';
import { InsetDrawer } from '../inset/InsetDrawer';
import { LettersDrawer } from '../letters/LettersDrawer';
import { OutlinesDrawer } from '../outlines/OutlinesDrawer';
import { PlaceDrawer } from '../place/PlaceDrawer';
import { ShapeDrawer } from '../shape/ShapeDrawer';

/** Contents of the drawers. */
export const contents: Readonly<Record<Drawer, ComponentType<{ card: Card }>>> = {
    place: PlaceDrawer,
    letters: LettersDrawer,
    bend: BendDrawer,
    outlines: OutlinesDrawer,
    inset: InsetDrawer,
    copies: CopiesDrawer,
    shape: ShapeDrawer,
    colours: ColoursDrawer,
};
