import { outdoorThermostatSignal } from '../../control/signal';
import type { Facts } from '../../job/document';
import { type Device, device } from '../device';

/** Switches that close on falling temperature, one per row of the Survey. */
export const outdoorThermostats = ({ gates }: Facts): Device => {
  const numbered = gates.outdoorThermostats.map((row, at) => ({ ...row, number: at + 1 }));
  return device('outdoor-thermostats', 'outdoors', {
    plateName: gates.outdoorThermostatsAt === 'in-unit' ? 'in the outdoor unit' : 'next to the unit, in the shade',
    terminals: numbered.flatMap(({ number, bank }) => [
      { mark: `${number} in`, carries: 'auxiliary call' },
      {
        mark: `${number} out`,
        carries: bank === 0 ? 'auxiliary call, when cold' : `auxiliary call to bank ${bank}, when cold`,
      },
    ]),
    contacts: numbered.map(({ number, closesBelowF }) => ({
      id: `outdoor thermostat ${number}`,
      label: `Outdoor thermostat ${number}`,
      from: `${number} in`,
      to: `${number} out`,
      movedBy: outdoorThermostatSignal(number),
      rests: 'open',
      openWhy: `Outdoor thermostat ${number} is open above ${closesBelowF} °F.`,
    })),
  });
};
