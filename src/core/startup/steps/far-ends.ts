import type { CallId } from '../../control/moment';
import { callsOf } from '../../control/moment';
import { DEVICE_LABELS } from '../../devices/device';
import type { Facts } from '../../job/document';
import { predict } from '../../model/predict';
import { DEAD_VOLTS } from '../../units/control-volts';
import { roundTo } from '../../units/round';
import { deviceIn } from '../../wiring/harness';
import { expectHot } from '../expect';
import type { StartupContext } from '../given';
import { type Item, type StartupStep, stepMoment } from '../step';
import { terminalObservation } from '../terminal-points';

/** Cables this long are read at both ends, ft. Our judgment: 18 gauge loses about half a volt there. */
const LONG_FT = 75;
/** Calls whose terminals matter, the heaviest of each kind. */
const CALLS_READ: readonly CallId[] = ['heat-aux', 'emergency', 'cool-1'];
/** Feeds and returns are not calls. */
const NO_CALLS: readonly string[] = ['R', 'Rc', 'Rh', 'C', 'S1', 'S2'];

const longestFt = ({ cables }: Facts): number => Math.max(cables.thermostatLengthFt, cables.outdoorLengthFt);

/** What the thermostat sends on each terminal in a call, read there: less the cable loss at the other end. */
const sentItems = (context: StartupContext, call: CallId): Item[] => {
  const { model, bench } = context;
  const moment = stepMoment(context, call);
  const marks = deviceIn(bench.harness, 'thermostat')?.terminals.map(({ mark }) => mark) ?? [];
  if (!marks.includes('C')) return [];
  return marks
    .filter((mark) => !NO_CALLS.includes(mark))
    .flatMap((mark): Item[] => {
      const of = terminalObservation({ device: 'thermostat', mark }, call);
      const found = predict(model, bench, moment, of);
      if (found.kind !== 'number' || found.spread[0] < DEAD_VOLTS) return [];
      return [
        {
          id: `volts-${call}-${mark}`,
          of,
          label: `${DEVICE_LABELS.thermostat} ${mark}–C, ${WORDS[call] ?? ''}`,
          unit: 'V',
          expect: () =>
            expectHot(
              found.value,
              `Calculated at the thermostat end: ${roundTo(found.value, 1)} V. The other end is read in its own step; the difference is the cable`,
            ),
          explain: (_, grade) =>
            grade === 'pass'
              ? null
              : {
                  means: 'Low at the thermostat, where the call starts.',
                  next: 'Compare R–C here and at the board: the R conductor, a splice, or an overloaded transformer.',
                },
        },
      ];
    });
};

const WORDS: Partial<Record<CallId, string>> = {
  'heat-aux': 'heat with auxiliary',
  emergency: 'emergency heat',
  'cool-1': 'cooling',
};

export const farEnds: StartupStep = {
  id: 'far-ends',
  title: 'Far end of a long cable run',
  why: (facts) =>
    `${longestFt(facts)} ft of cable: a coil may chatter at one end while the other end reads fine. Reading both ends shows the voltage drop.`,
  applies: (facts) => longestFt(facts) >= LONG_FT && facts.thermostat.power === 'C',
  build: (context) => ({
    cautions: ['moving-blades'],
    how: ['At the thermostat base, one call at a time: the same terminals you read at the boards.'],
    call: null,
    waits: [],
    items: CALLS_READ.filter((call) => callsOf(context.facts).includes(call)).flatMap((call) =>
      sentItems(context, call),
    ),
  }),
};
