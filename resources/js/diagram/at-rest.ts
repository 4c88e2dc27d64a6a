import { type Standing, standing } from './standing';

/** Nothing is on: a drawing that is looked at, not a unit. */
export const AT_REST: Standing = standing({ points: [], wires: [], symbols: [] });
