import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import type { ElementFault, EquipmentFaults } from '../model/equipment-faults';
import { ladder } from '../strips/ladder';
import type { Cause } from './cause';
import { type CauseEntry, together } from './entry';

const PROVES = ['element-ohms', 'heat-aux', 'emergency'];

const cause = (
  id: string,
  words: string,
  weight: number,
  because: string,
  ails: Partial<EquipmentFaults>,
  rest: Pick<Cause, 'confirm' | 'fix' | 'stop'>,
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

const RUNG_WORDS: Record<ElementFault, { readonly words: string; readonly weight: number; readonly because: string }> =
  {
    element: { words: 'open', weight: 1.5, because: 'Element wire sags and burns through at the crimp.' },
    link: {
      words: ': fusible link open',
      weight: 1,
      because: 'Opens permanently when a limit fails or airflow stops.',
    },
    limit: { words: ': limit open', weight: 1, because: 'After many trips it stays open.' },
    switch: { words: ': switch contact dead', weight: 1.5, because: 'Sequencer and relay contacts burn.' },
    welded: { words: ': switch contact welded', weight: 0.5, because: 'Rare and obvious: heat with no call.' },
  };

const RUNG_MENDS: Record<ElementFault, Pick<Cause, 'confirm' | 'fix' | 'stop'>> = {
  element: {
    confirm: 'Every supply verified dead, one end lifted: ohms of the element. OL is open.',
    fix: 'Replace the element; find why it failed: airflow, limit, crimp.',
  },
  link: {
    confirm: 'Every supply verified dead: ohms of the link. OL is blown.',
    fix: 'Find the cause first (airflow or limit). Replace with the same rating only. Never jumper it.',
  },
  limit: {
    confirm: 'Every supply verified dead, and cool: ohms of the limit. OL is open.',
    fix: 'Fix airflow first; replace the limit with the same part. Never jumper it.',
  },
  switch: {
    confirm: 'Relay coil or sequencer heater has 24 V, element ohms are good, but the element draws no current.',
    fix: 'Change the sequencer, relay or contactor.',
  },
  welded: {
    confirm: 'No call for five minutes, and the element still draws current.',
    fix: 'Turn the breaker off now. Replace the sequencer or relay.',
    stop: 'welded-element',
  },
};

const rungCauses: CauseEntry = (facts) =>
  kitRows(facts).flatMap((_, at) =>
    (Object.keys(RUNG_WORDS) as ElementFault[])
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
        // The control transformer is on the blower's circuit.
        const dark = hasBlower ? { controlShare: 0 } : {};
        return [
          cause(
            `leg-${at + 1}`,
            `Heat-kit circuit ${at + 1}: one leg open, in the breaker or at a lug`,
            1,
            'Lugs loosen with every heating cycle, and a breaker pole burns.',
            { kitCircuitsOpen: [at], ...dark },
            {
              confirm:
                'Leg-to-leg voltage at the kit is far below the breaker’s line side. Qualified tech, rated meter.',
              fix: 'Every supply off and verified dead: new breaker or lug, cut back to bright copper, torque as labeled.',
            },
          ),
          cause(
            `breaker-${at + 1}`,
            `Heat-kit breaker ${at + 1} off or tripped`,
            2,
            'Tripped, or left off after earlier work.',
            { kitCircuitsOpen: [at], seenOff: 'kit', ...dark },
            {
              confirm: 'Look: a tripped handle sits between ON and OFF.',
              fix: 'Find why it tripped: overload or a grounded element. Never install a larger breaker.',
            },
          ),
        ];
      });

const hasKit = (facts: Facts) => kitRows(facts).length > 0;

/** Volts of a 208 V supply relative to a 240 V rating. */
const ON_208 = 208 / 240;

export const strips: CauseEntry = together(rungCauses, circuitCauses, (facts) =>
  hasKit(facts)
    ? [
        cause(
          'low-supply',
          'Line voltage at the kit is lower than the Survey says',
          0.7,
          'A 240 V kit on 208 V makes 75 % of its rated heat.',
          // If the blower is on this circuit, so is the transformer.
          { kitShare: ON_208, ...(facts.heatKit.blowerOnFirstCircuit ? { controlShare: ON_208 } : {}) },
          {
            confirm: 'Measure line voltage at the kit.',
            fix: 'Correct the service voltage on the Survey, and the kit output with it.',
          },
        ),
        cause(
          'slow',
          'Sequencers slow to close (minutes)',
          0.7,
          'Weak sequencer heaters or low control voltage.',
          { switchTimes: 5 },
          {
            confirm: 'Time from the call to element current.',
            fix: 'Check control voltage first, then the sequencer.',
          },
        ),
      ]
    : [],
);
