import type { Found } from '../../job/finding';
import type { WiringRule } from './subject';

export const enoughConductors: WiringRule = {
  id: 'enough-conductors',
  why: 'Every function needs its own conductor, and the next repair needs a spare.',
  check: ({ harness }) =>
    harness.cables.flatMap((cable): Found[] => {
      const fact = cable.id === 'thermostat-cable' ? 'cables.thermostatConductors' : 'cables.outdoorConductors';
      const needed = harness.conductors.filter((conductor) => conductor.cable === cable.id);
      const missing = needed.filter(({ colour }) => colour === null);
      if (missing.length > 0) {
        return [
          {
            severity: 'error',
            what: `${cable.label}: ${needed.length} conductors are needed, ${cable.conductors} are there. Left without: ${missing.map(({ from }) => from.mark).join(', ')}.`,
            mend: `Pull a cable with ${needed.length + 1} conductors or more.`,
            page: 'wiring',
            fact,
          },
        ];
      }
      if (harness.spares.some((spare) => spare.cable === cable.id)) return [];
      return [
        {
          severity: 'advice',
          what: `${cable.label}: no spare conductor is left.`,
          mend: 'When the cable is next pulled, pull one with a spare.',
          page: 'wiring',
          fact,
        },
      ];
    }),
};
