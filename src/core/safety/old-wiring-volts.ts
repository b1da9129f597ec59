import type { Facts } from '../job/document';
import { MOST_CONTROL_VOLTS } from '../units/control-volts';
import { parseTyped } from '../units/parse-number';

/** A reading at an old thermostat that no 24 V circuit gives. */
export interface OverVolts {
  readonly colour: string;
  readonly call: string;
  readonly volts: number;
}

/**
 * Old-thermostat readings above 30 V that no later reading of the same conductor in the same call replaced: line
 * voltage, or crossed circuits. They prove nothing, and they stop the work.
 */
export const oldWiringOverVolts = ({ changeout }: Pick<Facts, 'changeout'>): readonly OverVolts[] => {
  const last = new Map<string, OverVolts>();
  for (const { colour, call, volts } of changeout.readings) {
    const read = parseTyped(volts);
    if (read.kind === 'number') last.set(`${colour} ${call}`, { colour, call, volts: Math.abs(read.value) });
  }
  return [...last.values()].filter(({ volts }) => volts > MOST_CONTROL_VOLTS);
};
