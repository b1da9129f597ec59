import { control } from '../../control/thermostat';
import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import { expectBetween } from '../expect';
import type { StartupContext } from '../given';
import { motorAmpsItem } from '../motor-amps';
import { type Item, type StartupStep, stepMoment } from '../step';
import { terminalItems } from '../terminal-items';
import { tick } from '../tick';
import { minOffWait } from '../waits';
import { defrostWait } from '../weather-waits';

/** What warms the air during a defrost, for the sentence. */
const temperedWords = (facts: Facts): string => {
  if (backupOf(facts) === 'fossil')
    return facts.furnace.tempersDefrost ? ', furnace comes on' : '; the furnace stays off';
  return kitRows(facts).length > 0 && facts.outdoorUnit.stripsInDefrost ? ', strips come on' : '';
};

/** Strips in the clamp during defrost, if they are on. */
const strips = ({ facts }: StartupContext): Item[] =>
  kitRows(facts).length > 0 && facts.outdoorUnit.stripsInDefrost
    ? [tick('strips-seen', 'Strip amps on the clamp during defrost, none after')]
    : [];

/** Tolerance of a defrost thermostat or thermistor, °F. Our judgment. */
const COIL_TOLERANCE_F = 10;

/** Coil temperature at the end of a defrost: at the switch's own temperature, not by the clock. */
const coilAtEnd = ({ outdoorUnit: { defrostOpensF } }: Facts): Item => ({
  id: 'coil-end',
  label: 'Coil outlet temperature at termination',
  unit: '°F',
  limitFrom: 'outdoorUnit.defrostOpensF',
  expect: () =>
    expectBetween(
      defrostOpensF - COIL_TOLERANCE_F,
      defrostOpensF + COIL_TOLERANCE_F,
      '°F',
      `The board ends at ${defrostOpensF} °F`,
    ),
  explain: (value, grade) =>
    grade === 'pass' || typeof value !== 'number'
      ? null
      : value < defrostOpensF
        ? {
            means: 'It ended before the coil was warm.',
            next: 'Did it time out? If not, check the coil sensor’s position and ohms.',
          }
        : {
            means: 'Hotter than the board’s termination setting.',
            next: 'Sensor off the coil, or the probe on the wrong pipe.',
          },
});

export const defrost: StartupStep = {
  id: 'defrost',
  title: 'Defrost',
  why: 'A defrost that times out leaves ice, and the ice builds.',
  applies: () => true,
  build: (context) => {
    const { defrostControl, defrostCapMin: capMin } = context.facts.outdoorUnit;
    const { lockedOut } = control(context.facts, stepMoment(context, 'defrost'));
    return {
      cautions: ['moving-blades', 'live-measuring', 'refrigerant'],
      how: [
        'Heat call running, coil cold. Force a defrost per the board label; if it gives no method, let the board do it.',
        defrostControl === 'demand'
          ? 'A demand board will not defrost while its sensors read a clean coil.'
          : 'The defrost thermostat must be closed: a warm coil will not defrost.',
        ...lockedOut.map(({ why }) => why),
        `Outdoor fan stops, valve shifts${temperedWords(context.facts)}. Time it until the fan restarts.`,
      ],
      call: 'defrost',
      ...defrostWait(context),
      waits: [
        minOffWait(context.facts),
        {
          id: 'cap',
          label: 'Maximum defrost time',
          seconds: capMin * 60,
          why: 'The board ends here, cleared or not.',
        },
      ],
      items: [
        ...terminalItems(context, 'defrost', ['outdoor-unit-W', 'air-handler-W1', 'outdoor-unit-Y']),
        motorAmpsItem(context, 'defrost', 'fan'),
        tick('turns', 'Valve heard shifting at start and end'),
        ...strips(context),
        {
          id: 'minutes',
          of: { call: 'defrost', observable: { kind: 'time', of: 'defrost' } },
          label: 'Defrost lasted',
          unit: 'min',
          expect: () => ({
            kind: 'band',
            aim: null,
            pass: [0.5, capMin - 0.5],
            warn: [0.2, capMin + 4],
            tolerance: `under ${capMin} min`,
            sum: `It should end on temperature, before the board’s time limit. Survey: ${capMin} min; the unit manual decides`,
          }),
          explain: (value, grade) =>
            grade === 'pass' || typeof value !== 'number'
              ? null
              : value >= capMin - 0.5
                ? {
                    means: 'It timed out: the coil did not clear.',
                    next: 'Check coil sensor position and ohms, indoor airflow; then charge (EPA-certified tech only).',
                  }
                : { means: 'Ended before it cleared anything.', next: 'Coil sensor, or a coil that was already warm.' },
        },
        coilAtEnd(context.facts),
        tick('first-call', 'After defrost: heating resumes, nothing left on'),
      ],
    };
  },
};
