import { expectUpTo } from '../expect';
import type { StartupStep } from '../step';
import { terminalItems } from '../terminal-items';

export const fan: StartupStep = {
  id: 'fan',
  title: 'Fan',
  why: 'Strips and coil live on this air.',
  applies: () => true,
  build: (context) => {
    const most = context.facts.airHandler.maxStaticInWc;
    return {
      cautions: ['moving-blades', 'live-measuring'],
      how: [
        'Thermostat: system off, fan on.',
        'External static pressure: after the filter and before the coil’s plenum, panels on.',
      ],
      call: 'fan',
      waits: [],
      items: [
        ...terminalItems(context, 'fan', 'fan', ['air-handler-G', 'air-handler-W1', 'outdoor-unit-Y']),
        {
          id: 'static',
          label: 'External static pressure',
          unit: 'in. w.c.',
          expect: () => expectUpTo(most, 'in. w.c.', `Most on the blower’s table: ${most} in. w.c.`, 0.05),
          explain: (value, grade) =>
            grade === 'pass' || typeof value !== 'number'
              ? null
              : value > most
                ? {
                    means: 'The duct is tight: less air than the table says.',
                    next: 'Filter, coil face, closed dampers; then each side by itself against the return.',
                  }
                : {
                    means: 'Hardly any pressure.',
                    next: 'Does the blower run? Are the probes in the right places, the panel on?',
                  },
        },
      ],
    };
  },
};
