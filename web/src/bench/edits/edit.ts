import type { Design } from '../../api/client';

/** Changes to a design: each takes one and gives the next. */
export type Edit = (design: Design) => Design;
