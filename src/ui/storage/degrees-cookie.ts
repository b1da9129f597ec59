import type { DegreeScale } from '@/core/units/degrees';

/** Remembers on which scale this device reads degrees, so that the server writes them so from the start. */
export const DEGREES_COOKIE = 'gate-cross-degrees';

export const isDegreeScale = (text: string | undefined): text is DegreeScale => text === 'F' || text === 'C';
