import type { Found } from '../../job/finding';
import type { WiringRule } from './subject';

const isSensorPoint = (node: string) => /\.S[12]$/.test(node);

export const sensorAlone: WiringRule = {
  id: 'sensor-alone',
  why: 'S terminals are inputs for a thermistor: 24 V on them ends the thermostat.',
  check: ({ joined, harness }) =>
    ['thermostat.S1', 'thermostat.S2'].flatMap((node): Found[] => {
      if (!harness.devices[0]!.terminals.some(({ mark }) => `thermostat.${mark}` === node)) return [];
      const strangers = joined.with(node).filter((each) => !isSensorPoint(each));
      const other = node.endsWith('1') ? 'thermostat.S2' : 'thermostat.S1';
      if (strangers.length > 0)
        return [
          {
            severity: 'error',
            what: `${node.replace('.', ' ')} is joined to ${strangers.map((each) => each.replace('.', ' ')).join(', ')}.`,
            mend: 'S terminals touch nothing but the sensor: take the conductor off.',
            page: 'wiring',
            at: node,
          },
        ];
      if (node.endsWith('1') && joined.areJoined(node, other))
        return [
          {
            severity: 'error',
            what: 'The two sensor terminals are joined: the thermostat reads a short.',
            mend: 'Each lead of the sensor on a terminal of its own.',
            page: 'wiring',
            at: node,
          },
        ];
      return [];
    }),
};
