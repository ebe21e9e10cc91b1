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

/** All glyphs of a font, to choose one by sight; loaded when it is asked for. */
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
