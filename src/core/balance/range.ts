import type { SpanF } from '../units/span';

/** Coldest outdoor temperature in the search, °F. */
export const COLDEST_SEARCH_F = -30;

/** Range of the outdoor ruler, °F. */
export const RULER_SPAN_F: SpanF = [-20, 70];
