import type { Harness } from '../wiring/harness';
import type { Cause } from './cause';

/** The thermostat's contacts when it calls nothing. */
export const callsNothing = (harness: Harness): Cause['effect'] => ({
  faults: harness.devices
    .filter(({ id }) => id === 'thermostat')
    .flatMap(({ contacts }) => contacts.map(({ id }) => `stuck-open:${id}` as const)),
});
