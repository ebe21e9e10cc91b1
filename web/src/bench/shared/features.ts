/** Font features by decorators' names. */
const names: Readonly<Record<string, string>> = {
    salt: 'Alternates',
    swsh: 'Swashes',
    titl: 'Titling',
    hist: 'Historic',
    dlig: 'More ligatures',
    smcp: 'Small caps',
    c2sc: 'Caps to small caps',
    onum: 'Old-style figures',
    lnum: 'Lining figures',
    tnum: 'Tabular figures',
    pnum: 'Proportional figures',
    zero: 'Slashed zero',
    frac: 'Fractions',
    ordn: 'Ordinals',
    sups: 'Superscript',
    case: 'Caps punctuation',
};

/** A font feature's name. */
export const featureName = (tag: string): string =>
    names[tag] ?? tag.replace(/^ss0?/, 'Set ').replace(/^cv0?/, 'Variant ');

/** Whether a feature is offered for a whole line. */
export const isOffered = (tag: string): boolean => tag in names || /^(ss|cv)\d\d$/.test(tag);

/** On by default. */
export const usualFeatures = [
    { tag: 'kern', name: 'Kerning' },
    { tag: 'liga', name: 'Ligatures' },
    { tag: 'calt', name: 'Contextual forms' },
];

/** Languages with their own letter forms in some fonts. */
export const languages = [
    { id: '', name: 'no special language' },
    { id: 'ca', name: 'Catalan' },
    { id: 'cs', name: 'Czech' },
    { id: 'nl', name: 'Dutch' },
    { id: 'de', name: 'German' },
    { id: 'pl', name: 'Polish' },
    { id: 'ro', name: 'Romanian' },
    { id: 'sr', name: 'Serbian' },
    { id: 'tr', name: 'Turkish' },
    { id: 'vi', name: 'Vietnamese' },
];
