import type { FontCard } from '../api/client';

export type Kind = 'all' | 'block' | 'script' | 'stencil' | 'condensed' | 'slab';

export interface Wanted {
    search: string;
    kind: Kind;
    /** Least stroke that the film takes, in µm, at the height of the letter H, in µm; null if it does not matter. */
    thick: { stroke: number; height: number } | null;
    alternates: boolean;
    own: boolean;
    favourites: ReadonlySet<string> | null;
}

/** The fonts that are wanted, those first whose names fit best. */
export function find(fonts: readonly FontCard[], wanted: Wanted): FontCard[] {
    const search = plain(wanted.search);
    return fonts
        .map((font) => ({ font, rank: search === '' ? 0 : distance(search, plain(font.name)) }))
        .filter(
            ({ font, rank }) =>
                rank < 3 &&
                isOf(font, wanted.kind) &&
                (!wanted.thick || font.thin * wanted.thick.height >= wanted.thick.stroke) &&
                (!wanted.alternates || hasAlternates(font)) &&
                (!wanted.own || font.own) &&
                (!wanted.favourites || wanted.favourites.has(font.id)),
        )
        .sort((a, b) => a.rank - b.rank || a.font.name.localeCompare(b.font.name))
        .map(({ font }) => font);
}

/** The features by which a font draws letters in other ways. */
export const alternatesOf = (font: FontCard) =>
    font.alternates.filter((tag) => /^(salt|swsh|titl|init|fina|smcp|ss\d\d|cv\d\d)$/.test(tag));

export const hasAlternates = (font: FontCard) => alternatesOf(font).length > 0;

function isOf(font: FontCard, kind: Kind): boolean {
    switch (kind) {
        case 'all':
            return true;
        case 'script':
            return font.joins || /script|swash|brush/.test(font.use);
        case 'block':
            return !font.joins && /block|rounded|college/.test(font.use);
        default:
            return font.use.includes(kind);
    }
}

/** A bold face goes with thin ones: those beside which it stays the louder. */
export function pairsOf(font: FontCard, fonts: readonly FontCard[]): FontCard[] {
    if (font.stem < 0.19) {
        return [];
    }
    return fonts
        .filter((other) => other.stem > 0 && other.stem < font.stem / 1.6)
        .sort((a, b) => Number(b.joins) - Number(a.joins) || b.thin - a.thin)
        .slice(0, 3);
}

const plain = (text: string) => text.toLowerCase().replace(/[^a-z0-9]/g, '');

/** How many letters of what is searched for are wrong, wherever in the name it stands (Sellers 1980). */
function distance(search: string, name: string): number {
    let row = Array.from({ length: name.length + 1 }, () => 0);
    Array.from(search).forEach((letter, at) => {
        const next = [at + 1];
        for (let i = 1; i <= name.length; i += 1) {
            next[i] = Math.min(
                (row[i - 1] ?? 0) + (name[i - 1] === letter ? 0 : 1),
                (row[i] ?? 0) + 1,
                (next[i - 1] ?? 0) + 1,
            );
        }
        row = next;
    });
    const least = Math.min(...row);
    // A short word has no room for mistakes.
    return search.length < 4 && least > 0 ? 3 : least;
}
