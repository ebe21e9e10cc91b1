import { queryOptions } from '@tanstack/react-query';
import type { Drawing, Frame, ShopBlank } from '../api/client';
import { drawingUrl } from './Garment';

/** A drawing's own box, and the blank's width and height in it, in its millimetres. */
export interface DrawingFrame {
    box: readonly [number, number, number, number];
    width: number;
    height: number;
}

export const drawingFrame = (drawing: Drawing) =>
    queryOptions({ queryKey: ['drawing', drawing], queryFn: () => frameOf(drawing), staleTime: Infinity });

async function frameOf(drawing: Drawing): Promise<DrawingFrame> {
    const text = await (await fetch(drawingUrl(drawing, '#b9b7b2'))).text();
    const svg = new DOMParser().parseFromString(text, 'image/svg+xml').documentElement;
    const [left = 0, top = 0, width = 1, height = 1] = (svg.getAttribute('viewBox') ?? '').split(' ').map(Number);
    return {
        box: [left, top, width, height],
        width: Number(svg.getAttribute('data-width') ?? 1),
        height: Number(svg.getAttribute('data-height') ?? 1),
    };
}

/** Where a drawing lies round the blank's measuring point when the blank has such measures, in µm. */
export function placed(
    frame: DrawingFrame,
    { width, height }: Pick<ShopBlank['sizes'][number], 'width' | 'height'>,
): Frame {
    const across = width / frame.width;
    const down = height > 0 ? height / frame.height : across;
    const [left, top, wide, high] = frame.box;
    return { left: left * across, top: top * down, width: wide * across, height: high * down };
}
