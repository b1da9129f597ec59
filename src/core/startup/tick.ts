import type { Item } from './step';

/** Something to do and tick off, not to read. */
export const tick = (id: string, label: string): Item => ({ id, label, unit: '', expect: () => ({ kind: 'tick' }) });
