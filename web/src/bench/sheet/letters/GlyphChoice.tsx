import { lazy, Suspense } from 'react';

const GlyphPicker = lazy(() =>
    import('../../shared/GlyphPicker').then(({ GlyphPicker }) => ({ default: GlyphPicker })),
);

interface Props {
    font: string;
    title: string;
    open: boolean;
    onClose: () => void;
    onChoose: (glyph: number) => void;
}

/** A picker for all glyphs of a font, loaded on demand. */
export function GlyphChoice({ open, onChoose, onClose, ...picker }: Props) {
    return open ? (
        <Suspense>
            <GlyphPicker
                {...picker}
                onClose={onClose}
                onChoose={(glyph) => {
                    onChoose(glyph);
                    onClose();
                }}
            />
        </Suspense>
    ) : null;
}
