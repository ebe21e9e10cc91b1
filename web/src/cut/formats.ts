/** Files for other cutters, by the end of their names. */
export const formats = [
    ['svg', 'SVG'],
    ['hpgl', 'HP-GL'],
    ['dxf', 'DXF'],
    ['pdf', 'PDF'],
] as const;
