import type { Weeding } from '../../../api/client';
import { edit, type Change, type Edit } from './edit';

export const withWeeding = (change: Change<Weeding>): Edit => edit(({ weeding }) => change(weeding));
