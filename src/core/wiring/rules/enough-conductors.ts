import type { FactPath } from '../../job/document';
import type { Found } from '../../job/finding';
import { type CableId, sparesOf } from '../harness';
import { thermostatCables } from '../plan';
import type { WiringRule } from './subject';

const COUNT_FACT: Partial<Record<CableId, FactPath>> = {
  'thermostat-cable': 'cables.thermostatConductors',
  'outdoor-cable': 'cables.outdoorConductors',
};

export const enoughConductors: WiringRule = {
  id: 'enough-conductors',
  why: 'Every function needs its own conductor, and the next repair needs a spare.',
  check: ({ planned }) =>
    thermostatCables(planned).flatMap((cable): Found[] => {
      const fact = COUNT_FACT[cable.id];
      if (!fact) return [];
      const needed = planned.conductors.filter((conductor) => conductor.cable === cable.id && conductor.from !== null);
      const missing = needed.filter(({ colour }) => colour === null);
      if (missing.length > 0) {
        return [
          {
            severity: 'error',
            what: `${cable.label}: ${needed.length} conductors needed, ${cable.conductors} available. Short: ${missing.map(({ from }) => from!.mark).join(', ')}.`,
            fix: `Pull a cable with ${needed.length + 1} conductors or more.`,
            page: 'wiring',
            fact,
          },
        ];
      }
      if (sparesOf(planned, cable.id).length > 0) return [];
      return [
        {
          severity: 'advice',
          what: `${cable.label}: no spare conductor is left.`,
          fix: 'Next time you pull cable, pull one with a spare.',
          page: 'wiring',
          fact,
        },
      ];
    }),
};
