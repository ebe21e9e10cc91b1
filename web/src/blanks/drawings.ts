import type { Drawing } from '../api/client';

/** How blanks can be drawn, and the point that each is measured from. */
export const drawings: readonly { id: Drawing; name: string; point: string; cords?: true }[] = [
    { id: 'tee-front', name: 'Tee, front', point: 'the collar’s lowest point' },
    { id: 'tee-back', name: 'Tee, back', point: 'the collar’s lowest point' },
    { id: 'hoodie-front', name: 'Hoodie', point: 'the hood’s seam in front', cords: true },
    { id: 'sleeve', name: 'Sleeve', point: 'the shoulder seam' },
    { id: 'tote', name: 'Tote', point: 'the middle of the top edge' },
    { id: 'cap', name: 'Cap', point: 'the seam over the peak' },
    { id: 'brimmed-hat', name: 'Brimmed hat', point: 'the seam over the brim' },
    { id: 'hat-brim', name: 'Hat brim, from above', point: 'the middle of the crown' },
    { id: 'pouch', name: 'Pouch', point: 'the middle of the zip' },
    { id: 'board', name: 'Sign or board', point: 'the middle of the upper edge' },
];

/** Whether cords hang over a blank, which can be laid aside. */
export const hasCords = (drawing: Drawing) => drawings.some(({ id, cords }) => id === drawing && cords);

/** What the height of a blank is measured as, in a few words. */
export const heightOf = (drawing: Drawing) =>
    drawing === 'cap' || drawing === 'brimmed-hat' ? 'Up to the top' : 'Down to its lower end';
