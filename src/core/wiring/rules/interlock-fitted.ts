import { backupOf } from '../../job/backup';
import type { WiringRule } from './subject';

export const interlockFitted: WiringRule = {
  id: 'interlock-fitted',
  why: 'Some trust the thermostat’s staging alone; others want a relay that opens Y whatever the thermostat does.',
  check: ({ facts: { system, furnace } }) =>
    backupOf({ system }) === 'fossil' && furnace.interlock === 'none'
      ? [
          {
            severity: 'advice',
            what: 'No interlock between compressor and furnace: only the thermostat setting keeps them apart.',
            fix: 'A fossil-fuel kit opens Y while the furnace is called and while the coil is hot. See both ways below.',
            page: 'wiring',
            fact: 'furnace.interlock',
          },
        ]
      : [],
};
