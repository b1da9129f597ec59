import type { DegreeScale } from '@/core/units/degrees';

/** Remembers this device's degree scale, so that the server renders in it. */
export const DEGREES_COOKIE = 'gate-cross-degrees';

export const isDegreeScale = (text: string | undefined): text is DegreeScale => text === 'F' || text === 'C';
