/** What decorators call the features of fonts. */
export const featureNames: Readonly<Record<string, string>> = {
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

/** On by themselves, until they are switched off. */
export const usualFeatures = [
    { tag: 'kern', name: 'Kerning' },
    { tag: 'liga', name: 'Ligatures' },
    { tag: 'calt', name: 'Contextual forms' },
];

/** Languages that some fonts draw letters for in a way of their own. */
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
