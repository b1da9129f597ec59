import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject, toSet } from './subject';

/** Supply voltage range in which a guard protects and still allows a start, as shares. Our judgment. */
const SHARES = { least: 0.85, most: 0.95 } as const;

export const guardLetsStart: Rule<SetupSubject> = {
  id: 'guard-lets-start',
  why: 'Set too high, the monitor cuts the unit off on every small dip; too low, it lets a motor stall.',
  check: (subject) => {
    const volts = numberOf(subject, 'guard-start-volts');
    const delayMin = numberOf(subject, 'guard-delay');
    const { serviceVolts } = subject.facts.heatKit;
    const leastV = Math.ceil(serviceVolts * SHARES.least);
    const mostV = Math.floor(serviceVolts * SHARES.most);
    const restMin = numberOf(subject, 'compressor-min-off') ?? 0;
    return [
      ...(volts !== null && (volts < leastV || volts > mostV)
        ? [
            about('guard-start-volts', {
              severity: 'warning' as const,
              what: `Line monitor cut-in is ${volts} V on a ${serviceVolts} V supply.`,
              fix: `From ${leastV} to ${mostV} V, and as the manufacturer of the outdoor unit says.`,
              fixBy: toSet(
                subject,
                'guard-start-volts',
                volts < leastV ? leastV : mostV,
                'Within the allowed voltage range.',
              ),
            }),
          ]
        : []),
      ...(delayMin !== null && delayMin < restMin
        ? [
            about('guard-delay', {
              severity: 'warning' as const,
              what: `Monitor delay is ${delayMin} min; compressor minimum off time is ${restMin} min.`,
              fix: 'The monitor drops the unit without the thermostat knowing, so set its delay at least as long.',
              fixBy: toSet(subject, 'guard-delay', restMin, 'Same as the compressor minimum off time.'),
            }),
          ]
        : []),
    ];
  },
};
