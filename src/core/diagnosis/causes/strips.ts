import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import type { Ails, RungAil } from '../../model/equipment-faults';
import { ladder } from '../../strips/ladder';
import type { Cause } from '../cause';
import { type CauseEntry, together } from './entry';

const PROVES = ['element-ohms', 'heat-aux', 'emergency'];

const cause = (
  id: string,
  words: string,
  weight: number,
  because: string,
  ails: Partial<Ails>,
  rest: Pick<Cause, 'confirm' | 'mend' | 'stop'>,
): Cause => ({
  id: `strips:${id}`,
  words,
  kind: 'strips',
  weight,
  because,
  effect: { ails },
  ...rest,
  by: 'technician',
  caution: 'two-supplies',
  proves: PROVES,
});

const RUNG_WORDS: Record<RungAil, { readonly words: string; readonly weight: number; readonly because: string }> = {
  element: { words: 'open', weight: 1.5, because: 'Coils sag and burn through at the crimp.' },
  link: {
    words: ': one-time link open',
    weight: 1,
    because: 'Opens for good after a limit failed or the air stopped.',
  },
  limit: { words: ': limit open', weight: 1, because: 'After many trips it stays open.' },
  switch: { words: ': switch contact dead', weight: 1.5, because: 'Sequencer discs and relay contacts burn.' },
  welded: { words: ': switch contact welded', weight: 0.5, because: 'Rare, and seen at once: heat without a call.' },
};

const RUNG_MENDS: Record<RungAil, Pick<Cause, 'confirm' | 'mend' | 'stop'>> = {
  element: {
    confirm: 'Every supply proven dead, one end lifted: ohms of the element. OL is open.',
    mend: 'Change the element; look why it failed: air, limit, crimp.',
  },
  link: {
    confirm: 'Every supply proven dead: ohms of the link. OL is blown.',
    mend: 'Same rating only, after the reason is found: air or limit. Never bridge it.',
  },
  limit: {
    confirm: 'Every supply proven dead, and cool: ohms of the limit. OL is open.',
    mend: 'Airflow first; change the limit for its like. Never bridge it.',
  },
  switch: {
    confirm: 'Coil or heater has its volts, and the rung draws nothing though its ohms are good.',
    mend: 'Change the sequencer, relay or contactor.',
  },
  welded: {
    confirm: 'Nothing called, off for five minutes: the rung still draws current.',
    mend: 'Breaker off at once. Change the switch.',
    stop: 'welded-element',
  },
};

const rungCauses: CauseEntry = (facts) =>
  kitRows(facts).flatMap((_, at) =>
    (Object.keys(RUNG_WORDS) as RungAil[])
      .filter((ail) => ail !== 'link' || facts.heatKit.hasLinks)
      .map((ail) =>
        cause(
          `${ail}-${at + 1}`,
          `Element ${at + 1}${RUNG_WORDS[ail].words.startsWith(':') ? '' : ' '}${RUNG_WORDS[ail].words}`,
          RUNG_WORDS[ail].weight,
          RUNG_WORDS[ail].because,
          { rungs: { [at]: ail } },
          RUNG_MENDS[ail],
        ),
      ),
  );

const circuitCauses: CauseEntry = (facts) =>
  kitRows(facts).length === 0
    ? []
    : ladder(facts).circuits.flatMap(({ at, hasBlower }) => {
        // The control transformer stands on the circuit that feeds the blower.
        const dark = hasBlower ? { controlShare: 0 } : {};
        return [
          cause(
            `leg-${at + 1}`,
            `One leg of heat-kit circuit ${at + 1} open inside its breaker or at a lug`,
            1,
            'Lugs loosen with every heat and cool; a pole burns.',
            { kitCircuitsOpen: [at], ...dark },
            {
              confirm:
                'Leg to leg at the kit reads far less than at the breaker’s line side. Qualified people, rated meter.',
              mend: 'Every supply off and proven dead: new breaker or lug, cut back to bright copper, torque as labeled.',
            },
          ),
          cause(
            `breaker-${at + 1}`,
            `Heat-kit breaker ${at + 1} off or tripped`,
            2,
            'Tripped, or never put back on after somebody’s work.',
            { kitCircuitsOpen: [at], seenOff: 'kit', ...dark },
            {
              confirm: 'Look; a tripped handle stands between on and off.',
              mend: 'Find why it tripped: amps against its rating, a grounded element. Never a larger one.',
            },
          ),
        ];
      });

const hasKit = (facts: Facts) => kitRows(facts).length > 0;

/** A supply of 208 V where the kit is rated for 240 V, a share. */
const ON_208 = 208 / 240;

export const strips: CauseEntry = together(rungCauses, circuitCauses, (facts) =>
  hasKit(facts)
    ? [
        cause(
          'low-supply',
          'Kit on a lower supply than the Sheet says',
          0.7,
          'A 240 V kit on 208 V gives three quarters of its heat.',
          // The transformer hangs on the same circuit where the blower does.
          { kitShare: ON_208, ...(facts.heatKit.blowerOnFirstCircuit ? { controlShare: ON_208 } : {}) },
          { confirm: 'Line volts at the kit.', mend: 'Correct the Sheet’s service; the kit’s size with it.' },
        ),
        cause(
          'slow',
          'Sequencers slow: minutes late',
          0.7,
          'Weak heaters, low control volts.',
          { switchTimes: 5 },
          { confirm: 'Time from the call to current in the rung.', mend: 'Control volts first, then the sequencer.' },
        ),
      ]
    : [],
);
