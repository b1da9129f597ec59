import { type Bank, jobBanks, kitShare } from '../job/banks';
import type { Facts } from '../job/document';
import { banksWithCompressor } from '../job/interlocked-bank';
import { BTU_PER_KWH } from '../units/constants';
import { sum } from '../units/sum';
import { type Balance, balance, type BalanceInput } from './balance';
import { jobLoad } from './evidence';
import { balanceInput } from './from-job';
import { frostShareAt } from './frost';
import { capacityCurve } from './heat-pump';
import { compressorFromF } from './lockouts';

/** Why backup is needed, and how much. */
export interface BackupNeed {
  readonly id: 'design' | 'emergency' | 'defrost';
  readonly label: string;
  readonly why: string;
  readonly kW: number;
  /** The same at the high end of the load band. */
  readonly highKW: number;
  /** Smallest listed kit that is large enough; null: none is, or the list is empty. */
  readonly kitKW: number | null;
  /** Whether the installed kit is large enough. */
  readonly isMet: boolean;
}

/** Whether the compressor may run at an outdoor temperature: no lockout and no low-temperature cutoff. */
const runsAt = ({ lockouts, heatPump }: BalanceInput, outdoorF: number): boolean =>
  outdoorF >= compressorFromF(lockouts, heatPump.minOutdoorF);

/** Outdoor temperature with the most frost, °F. */
const FROST_F = 35;

/**
 * Backup that a job needs: the shortfall at design, the whole load with the heat pump down, and the heat that a defrost
 * takes from the air near 35 °F.
 */
export const backupNeeds = (facts: Facts): BackupNeed[] => {
  const input = balanceInput(facts);
  const { highBtuh } = jobLoad(facts);
  const high = balance({ ...input, load: { ...input.load, designBtuh: highBtuh } });
  const found = balance(input);
  const allowed = [...facts.airHandler.allowedKitsKW].sort((a, b) => a - b);
  const kWOf = (banks: readonly Bank[]) => sum(banks.map(({ kW }) => kW));
  const fittedKW = kWOf(jobBanks(facts));
  const besideKW = kWOf(banksWithCompressor(facts));
  const furnaceKW = input.fuel ? input.fuel.outputBtuh / BTU_PER_KWH : 0;
  const need = (
    id: BackupNeed['id'],
    label: string,
    why: string,
    kW: number,
    highKW: number,
    stripsKW = fittedKW,
  ): BackupNeed => ({
    id,
    label,
    why,
    kW,
    highKW,
    // Kits are listed by nameplate kW; they deliver what the supply voltage allows.
    kitKW: input.fuel ? null : (allowed.find((kit) => kit * kitShare(facts) >= kW - 1e-9) ?? null),
    isMet: (input.fuel ? furnaceKW : stripsKW) >= kW - 1e-9,
  });
  const defrostKW = (frostShareAt(FROST_F) * capacityCurve(input.heatPump).at(FROST_F)) / BTU_PER_KWH;
  const { designOutdoorF } = input.load;
  const isAlone = !runsAt(input, designOutdoorF);
  const atDesign = ({ requiredKW, emergencyKW }: Balance) => (input.fuel || isAlone ? emergencyKW : requiredKW);
  return [
    need(
      'design',
      isAlone ? 'At design, the compressor locked out' : 'At design, with the heat pump',
      input.fuel
        ? `A furnace replaces the heat pump: at ${designOutdoorF} °F it carries the whole load.`
        : isAlone
          ? `The compressor may not run at ${designOutdoorF} °F: the strips carry the whole load.`
          : `The heat pump’s shortfall at ${designOutdoorF} °F.`,
      atDesign(found),
      atDesign(high),
      designOutdoorF < (input.lockouts.compressorBelowF ?? -Infinity) ? fittedKW : besideKW,
    ),
    need(
      'emergency',
      'Emergency heat, compressor dead',
      `The full load at ${designOutdoorF} °F with the compressor dead.`,
      found.emergencyKW,
      high.emergencyKW,
    ),
    ...(input.fuel
      ? []
      : [
          need(
            'defrost',
            'In defrost',
            `Heat the defrost pulls from the supply air at ${FROST_F} °F. With less backup the air is cooler, nothing worse.`,
            defrostKW,
            defrostKW,
            besideKW,
          ),
        ]),
  ];
};

/** Margin of an outdoor thermostat above the temperature where its bank is needed, for its differential, °F. */
const DIAL_MARGIN_F = 3;

/** Setting of the outdoor thermostat for a bank that is needed below a temperature, °F. */
export const dialOf = (neededBelowF: number): number => Math.ceil(neededBelowF) + DIAL_MARGIN_F;

/** A bank, the temperature below which it is needed, and the setting of its outdoor thermostat. */
export interface BankStage {
  readonly bank: number;
  readonly kW: number;
  /** Highest outdoor temperature at which all banks before it are not enough, °F; null: never down to −30 °F. */
  readonly neededBelowF: number | null;
  /** Setting of its outdoor thermostat, °F. */
  readonly dialF: number | null;
}

/** The temperature below which each bank of a job is needed. */
export const bankStages = (facts: Facts): BankStage[] => {
  const input = balanceInput(facts);
  const { bankGatesF } = balance(input);
  return jobBanks(facts).map(({ bank, kW }, at) => {
    const neededBelowF = bankGatesF[at] ?? null;
    return { bank, kW, neededBelowF, dialF: neededBelowF === null ? null : dialOf(neededBelowF) };
  });
};
