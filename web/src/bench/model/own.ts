import type { Letter, Line, PersonRow } from '../../api/client';

export type OwnLetter = Pick<Letter, 'at'> & Partial<Letter>;

/** Settings for one person: parts of a line that override those for everyone. */
export interface OwnLine {
    lettering?: { words?: string | undefined; letters?: OwnLetter[] | undefined } | undefined;
    size?: { by: 'letter'; length: number } | undefined;
}

const FIELD = /⟨([^⟨⟩\n]+)⟩/g;

/** A line's words with a person's values in its fields. */
export const filled = (words: string, values: Readonly<Record<string, string>>): string =>
    words.replace(FIELD, (_, column: string) => (values[column] ?? '').trim());

export const hasFields = ({ lettering }: Line): boolean => lettering.words.search(FIELD) >= 0;

export const ownOf = (person: PersonRow, line: string): OwnLine => (person.own as Record<string, OwnLine>)[line] ?? {};

/** A line's words for this person. */
export const wordsOf = (person: PersonRow, line: Line): string =>
    ownOf(person, line.id).lettering?.words ?? filled(line.lettering.words, person.values);

/** Sets something of a line for one person; undefined removes the override. */
export function withOwn(person: PersonRow, line: string, change: OwnLine): PersonRow {
    const now = ownOf(person, line);
    const lettering = cleared({ ...now.lettering, ...change.lettering });
    const own = cleared({ ...now, ...change, lettering: lettering ?? undefined });
    const rest = Object.entries(person.own).filter(([id]) => id !== line);
    return { ...person, own: Object.fromEntries(own ? [...rest, [line, own]] : rest) as PersonRow['own'] };
}

/** Moves a letter of a person's line, in thousandths of the em; a zero offset is removed. */
export function nudged(person: PersonRow, line: Line, at: number, to: Partial<Letter>): PersonRow {
    const letters = lettersOf(person, line);
    const now = { ...letters.find((letter) => letter.at === at), ...to, at };
    const plain = !now.along && !now.across && !now.kern && !now.turn && !now.features?.length;
    const others = letters.filter((letter) => letter.at !== at);
    const next = plain ? others : [...others, now].toSorted((a, b) => a.at - b.at);
    return withOwn(person, line.id, { lettering: { letters: next.length > 0 ? next : undefined } });
}

export const lettersOf = (person: PersonRow, line: Line) => ownOf(person, line.id).lettering?.letters ?? [];

/** Without undefined fields; undefined if none is left. */
function cleared<Part extends object>(part: Part): Part | undefined {
    const left = Object.entries(part).filter(([, value]) => value !== undefined);
    return left.length > 0 ? (Object.fromEntries(left) as Part) : undefined;
}
