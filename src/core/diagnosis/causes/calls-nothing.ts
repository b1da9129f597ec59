import type { Harness } from '../../wiring/harness';
import type { Cause } from '../cause';

/** What the thermostat's contacts would do if it called nothing at all. */
export const callsNothing = (harness: Harness): Cause['effect'] => ({
  faults: harness.devices
    .filter(({ id }) => id === 'thermostat')
    .flatMap(({ contacts }) => contacts.map(({ id }) => `stuck-open:${id}` as const)),
});
