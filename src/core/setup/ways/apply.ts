import type { Balance } from '../../balance/balance';
import { jobBalance } from '../../balance/from-job';
import { backupOf } from '../../job/backup';
import { type FactChange, type FactPath, type Facts, factValue, sameValue, withFact } from '../../job/document';
import { calculatedLockouts, sensorFor } from '../settings/lockouts';
import type { LockoutPlan } from './way';

type Changed = readonly (readonly [FactPath, unknown])[];

const AUX_SCHOOL = { none: 'none', balance: 'balance' } as const;
const CHANGEOVER = { none: 'staging', economic: 'economic', thermal: 'thermal' } as const;

const compressorSchool = ({ system }: Facts, { compressorBelow }: LockoutPlan): Changed => {
  const isFixed = typeof compressorBelow === 'number';
  if (backupOf({ system }) === 'fossil')
    return isFixed
      ? [
          ['schools.changeover', 'fixed'],
          ['schools.changeoverF', compressorBelow],
        ]
      : [['schools.changeover', CHANGEOVER[compressorBelow]]];
  return isFixed
    ? [
        ['schools.compressorLockout', 'fixed'],
        ['schools.fixedCompressorBelowF', compressorBelow],
      ]
    : [['schools.compressorLockout', 'unit-limit']];
};

const schoolsOf = (facts: Facts, way: LockoutPlan): Changed => [
  ...compressorSchool(facts, way),
  ...(typeof way.auxAbove === 'number'
    ? ([
        ['schools.auxLockout', 'code'],
        ['schools.codeAuxAboveF', way.auxAbove],
      ] as const)
    : ([['schools.auxLockout', AUX_SCHOOL[way.auxAbove]]] as const)),
  ...(backupOf(facts) === 'strips'
    ? ([
        ['schools.auxWithHeatPump', way.backup],
        ['schools.tempering', way.tempering],
        ['outdoorUnit.stripsInDefrost', way.tempering === 'on'],
      ] as const)
    : []),
];

const laid = (facts: Facts, changes: Changed): Facts =>
  changes.reduce((before, [path, value]) => withFact(before, path, value), facts);

/**
 * A job's facts under a plan: its methods and the resulting lockouts.
 * @param crossing the job's, which no plan changes
 */
export const factsUnder = (facts: Facts, way: LockoutPlan, crossing: Balance = jobBalance(facts)): Facts => {
  const schooled = laid(facts, schoolsOf(facts, way));
  const { compressorBelowF, auxAboveF } = calculatedLockouts(schooled, crossing);
  const needsSensor = (compressorBelowF !== null || auxAboveF !== null) && facts.thermostat.outdoorSensor === 'none';
  return laid(schooled, [
    ['gates.compressorBelowF', compressorBelowF],
    ['gates.auxAboveF', auxAboveF],
    ...(needsSensor ? ([['thermostat.outdoorSensor', sensorFor(facts)]] as const) : []),
  ]);
};

const TOUCHED: readonly FactPath[] = [
  'schools.changeover',
  'schools.changeoverF',
  'schools.compressorLockout',
  'schools.fixedCompressorBelowF',
  'schools.auxLockout',
  'schools.codeAuxAboveF',
  'schools.auxWithHeatPump',
  'schools.tempering',
  'outdoorUnit.stripsInDefrost',
  'gates.compressorBelowF',
  'gates.auxAboveF',
  'thermostat.outdoorSensor',
];

/** Facts changed by a plan. */
export const changesBetween = (facts: Facts, under: Facts): FactChange[] =>
  TOUCHED.filter((path) => !sameValue(factValue(under, path), factValue(facts, path))).map((path) => ({
    path,
    value: factValue(under, path),
  }));

/**
 * Changes that apply a plan to Setup: methods, lockouts, and a sensor if a lockout needs one. Empty: already applied.
 */
export const changesToUsePlan = (facts: Facts, way: LockoutPlan): FactChange[] =>
  changesBetween(facts, factsUnder(facts, way));
