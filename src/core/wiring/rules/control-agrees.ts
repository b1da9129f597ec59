import type { WiringRule } from './subject';

export const controlAgrees: WiringRule = {
  id: 'control-agrees',
  why: 'A board switched to communicating and wired for 24 V does not run, and may be damaged.',
  check: ({ facts }) =>
    facts.system.control === '24-volt'
      ? []
      : [
          {
            severity: 'error',
            what: 'The boards are switched to communicating, and this harness is 24 V.',
            fix: 'Power off; set the boards to 24 V control, or wire the data bus per the manufacturer (not covered here).',
            page: 'wiring',
            fact: 'system.control',
            fixBy: [{ path: 'system.control', value: '24-volt' }],
          },
        ],
};
