import type { SpanF } from '../units/span';

/** Coldest outdoor temperature that a balance is looked for at, °F. */
export const COLDEST_SEARCH_F = -30;

/** Outdoor temperatures that the outdoor ruler shows, °F. */
export const RULER_SPAN_F: SpanF = [-20, 70];
