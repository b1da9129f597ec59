import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import type { PlanRow } from '../../job/facts/year';

/** Compressor lockout: none (only the low-temperature cutoff), at a balance point, or at a fixed temperature, °F. */
export type CompressorBelow = 'none' | 'economic' | 'thermal' | number;
/** Backup lockout: none, above the balance point, or above a fixed temperature, °F. */
export type AuxAbove = 'none' | 'balance' | number;

/** One lockout plan: an answer to each question where techs disagree. */
export interface LockoutPlan {
  readonly name: string;
  readonly compressorBelow: CompressorBelow;
  readonly auxAbove: AuxAbove;
  readonly backup: 'helps' | 'emergency-only';
  readonly tempering: 'on' | 'off';
}

/** Allowed fixed temperatures of a plan, °F: those of the method facts. */
export const FIXED_BOUNDS_F = { compressorBelow: [-20, 60], auxAbove: [20, 65] } as const;

/** Minimum and maximum plans side by side. */
export const PLANS_BOUNDS = [2, 6] as const;

const fixed = (text: string, [low, high]: readonly [number, number]): number | null => {
  const value = Number(text);
  return text.trim() !== '' && Number.isFinite(value) && value >= low && value <= high ? value : null;
};

/** Parses a stored plan; an unreadable part becomes the harmless answer: no lockout. */
export const planFromRow = ({ name, compressorBelow, auxAbove, backup, tempering }: PlanRow): LockoutPlan => ({
  name,
  compressorBelow:
    compressorBelow === 'economic' || compressorBelow === 'thermal'
      ? compressorBelow
      : (fixed(compressorBelow, FIXED_BOUNDS_F.compressorBelow) ?? 'none'),
  auxAbove: auxAbove === 'balance' ? 'balance' : (fixed(auxAbove, FIXED_BOUNDS_F.auxAbove) ?? 'none'),
  backup: backup === 'emergency-only' ? 'emergency-only' : 'helps',
  tempering: tempering === 'off' ? 'off' : 'on',
});

/** A plan as stored. */
export const planToRow = ({ name, compressorBelow, auxAbove, backup, tempering }: LockoutPlan): PlanRow => ({
  name,
  compressorBelow: String(compressorBelow),
  auxAbove: String(auxAbove),
  backup,
  tempering,
});

const STRIP_WAYS: readonly LockoutPlan[] = [
  {
    name: 'Compressor to its cutoff, strips assist',
    compressorBelow: 'none',
    auxAbove: 'none',
    backup: 'helps',
    tempering: 'on',
  },
  {
    name: 'Strips locked out above the balance point',
    compressorBelow: 'none',
    auxAbove: 'balance',
    backup: 'helps',
    tempering: 'on',
  },
  {
    name: 'Strips locked out above the balance point, off in defrost',
    compressorBelow: 'none',
    auxAbove: 'balance',
    backup: 'helps',
    tempering: 'off',
  },
  {
    name: 'Compressor locked out below 35 °F',
    compressorBelow: 35,
    auxAbove: 'none',
    backup: 'helps',
    tempering: 'on',
  },
  {
    name: 'Strips in emergency only',
    compressorBelow: 'none',
    auxAbove: 'none',
    backup: 'emergency-only',
    tempering: 'off',
  },
];

const FURNACE_WAYS: readonly LockoutPlan[] = [
  {
    name: 'Where the furnace is cheaper',
    compressorBelow: 'economic',
    auxAbove: 'none',
    backup: 'helps',
    tempering: 'off',
  },
  {
    name: 'At the thermal balance point (heat pump falls short)',
    compressorBelow: 'thermal',
    auxAbove: 'none',
    backup: 'helps',
    tempering: 'off',
  },
  { name: 'By thermostat staging only', compressorBelow: 'none', auxAbove: 'none', backup: 'helps', tempering: 'off' },
  { name: 'Fixed at 35', compressorBelow: 35, auxAbove: 'none', backup: 'helps', tempering: 'off' },
  { name: 'Fixed at 50', compressorBelow: 50, auxAbove: 'none', backup: 'helps', tempering: 'off' },
];

/** The shipped plans, by kind of backup. */
export const presetPlans = ({ system }: Facts): readonly LockoutPlan[] =>
  backupOf({ system }) === 'fossil' ? FURNACE_WAYS : STRIP_WAYS;

/** The plans to compare on a job: its own, or the shipped ones. */
export const jobPlans = (facts: Facts): readonly LockoutPlan[] =>
  facts.year.ways.length > 0 ? facts.year.ways.map(planFromRow) : presetPlans(facts);
