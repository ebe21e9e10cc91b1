import type { FontCard } from '../api/client';

/** The name under which the browser draws a font of the type case. */
export const faceOf = (font: string) => `uvret-${font}`;

const asked = new Set<string>();

/** Has the browser load fonts of the type case, each once. */
export function loadFaces(fonts: readonly Pick<FontCard, 'id'>[]): void {
    for (const { id } of fonts) {
        if (!asked.has(id)) {
            asked.add(id);
            const face = new FontFace(faceOf(id), `url(/api/fonts/${encodeURIComponent(id)}.ttf)`, { display: 'swap' });
            document.fonts.add(face);
            void face.load().catch(() => asked.delete(id));
        }
    }
}
