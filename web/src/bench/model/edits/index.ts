/** Changes of a design, one file per kind of card. */
export * from './belongings';
export * from './blank';
export * from './cards';
export * from './edit';
export * from './forms';
export * from './layering';
export * from './letters';
export * from './lines';
export * from './motifs';
export * from './newLine';
export * from './places';
export * from './weeding';
