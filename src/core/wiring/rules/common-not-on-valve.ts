import { nodeOf } from '../../devices/device';
import type { Found } from '../../job/finding';
import type { WiringRule } from './subject';

const OUTPUT = /^thermostat\.(Y\d?|O\/B|O|B|G|AUX\d?|W2|E|X)$/;

export const commonNotOnValve: WiringRule = {
  id: 'common-not-on-output',
  why: 'A thermostat’s B, beside its C, is hot in heating: with the common on it, every heating call is a dead short.',
  check: ({ harness, joined }) => {
    const powered = harness.devices.find(({ transformers }) => transformers.length > 0)!;
    return joined
      .with(nodeOf(powered.id, 'C'))
      .filter((node) => OUTPUT.test(node))
      .map((node): Found => ({
        severity: 'error',
        what: `The common is landed on the thermostat’s ${node.slice('thermostat.'.length)}.`,
        mend: 'Move it to C. Where the old equipment used B for common, the colour misleads.',
        page: 'wiring',
        at: node,
      }));
  },
};
