import { backupOf } from '../job/backup';
import { reachableBanks } from '../job/banks';
import { kitShare } from '../job/banks';
import type { Facts } from '../job/document';
import { indoorServiceVolts } from '../job/indoor-supply';
import { interlockedBank } from '../job/interlocked-bank';
import { kitRows } from '../job/kit-rows';
import { parseTyped } from '../units/parse-number';
import { sum } from '../units/sum';
import { CIRCUIT_VA, generalDemandVA, LIGHTING_VA_PER_FT2, serviceAmps } from './demand';

/** One line of the calculation, and its connected volt-amperes. */
export interface ServiceLine {
  readonly label: string;
  readonly how: string;
  readonly va: number;
}

/** One heating state: banks that run with the compressor, and the service load. */
export interface ServiceState {
  readonly id: string;
  readonly label: string;
  readonly heatVA: number;
  readonly motorVA: number;
  readonly totalVA: number;
  readonly amps: number;
  /** Whether the main breaker carries it; null: breaker not read yet. */
  readonly isCarried: boolean | null;
  /** Whether it is the largest state with the compressor as planned. */
  readonly isPlanned: boolean;
  /** The bank that is locked out in it; null: none. */
  readonly held: number | null;
  /** Whether a relay can lock it out: the board has a separate input for it. */
  readonly canBeHeld: boolean;
}

/** The house’s service calculation; missing facts are listed with what to do. */
export interface ServiceLoad {
  readonly volts: number;
  readonly mainAmps: number | null;
  readonly other: readonly ServiceLine[];
  readonly otherVA: number;
  readonly demandVA: number;
  /** Everything at once; each bank locked out while the compressor runs; and strips alone. */
  readonly states: readonly ServiceState[];
  readonly missing: readonly string[];
}

const KILO = 1_000;

const otherLines = ({ service, load }: Facts): readonly ServiceLine[] => {
  if (service.otherKVA !== null)
    return [{ label: 'All other load', how: 'calculated already', va: service.otherKVA * KILO }];
  const area = load.floorFt2;
  const circuits = service.kitchenCircuits + service.laundryCircuits;
  return [
    ...(area === null
      ? []
      : [
          {
            label: 'Lighting and receptacles',
            how: `${area.toLocaleString('en-US')} ft² × ${LIGHTING_VA_PER_FT2} VA`,
            va: area * LIGHTING_VA_PER_FT2,
          },
        ]),
    {
      label: 'Small-appliance and laundry circuits',
      how: `${circuits} × ${CIRCUIT_VA.toLocaleString('en-US')} VA`,
      va: circuits * CIRCUIT_VA,
    },
    ...service.appliances.flatMap(({ name, va }): ServiceLine[] => {
      const typed = parseTyped(va);
      return typed.kind === 'number' ? [{ label: name, how: 'nameplate', va: typed.value }] : [];
    }),
  ];
};

/** Compressor, outdoor fan and blower, VA; null if a nameplate was not read. */
const motorVA = (facts: Facts): number | null => {
  const { service, outdoorUnit, heatKit } = facts;
  if (service.motorKVA !== null) return service.motorKVA * KILO;
  if (outdoorUnit.compressorRatedAmps === null) return null;
  const outdoorAmps = outdoorUnit.compressorRatedAmps + (outdoorUnit.fanRatedAmps ?? 0);
  return outdoorAmps * heatKit.serviceVolts + blowerVA(facts);
};

/** The blower at its own volts: 120 V in a furnace. */
const blowerVA = (facts: Facts) => facts.airHandler.blowerAmps * indoorServiceVolts(facts);

/** Banks that could be locked out, highest number first, with their load, VA. */
const banksOf = (facts: Facts): readonly { readonly bank: number; readonly va: number }[] => {
  const rows = backupOf(facts) === 'strips' ? kitRows(facts) : [];
  const banks = [...new Set(rows.map(({ bank }) => bank))].sort((one, other) => other - one);
  return banks.map((bank) => ({
    bank,
    // A kit rated for 240 V draws less at 208 V.
    va: sum(rows.filter((row) => row.bank === bank).map(({ kW }) => kW * KILO * kitShare(facts))),
  }));
};

const missingOf = ({ service, load }: Facts, motors: number | null): readonly string[] => [
  ...(service.mainAmps === null
    ? ['Main breaker size not entered. Read it off the handle. Until then the service cannot be checked.']
    : []),
  ...(service.otherKVA === null && load.floorFt2 === null
    ? ['Floor area not entered: lighting and receptacles are left out. Enter it, or enter the total of all other load.']
    : []),
  ...(service.otherKVA === null && service.appliances.length === 0
    ? ['No appliances entered. Add range, oven, water heater, dryer, pump and EV charger at nameplate VA.']
    : []),
  ...(motors === null ? ['Compressor RLA not entered. Enter it on the Survey, or its kVA here.'] : []),
];

/**
 * Whether the service of an existing dwelling carries the heat pump and its strips, NEC 220.83(B): the larger of heat
 * and cooling in full, 8 kVA of the rest in full, and 40 % of the remainder. Edition and authority decide.
 */
export const serviceLoad = (facts: Facts): ServiceLoad => {
  const { mainAmps } = facts.service;
  const volts = facts.heatKit.serviceVolts;
  const other = otherLines(facts);
  const otherVA = sum(other.map(({ va }) => va));
  const demandVA = generalDemandVA(otherVA);
  const motors = motorVA(facts);
  const banks = banksOf(facts);
  const stripsVA = sum(banks.map(({ va }) => va));
  const planned = interlockedBank(facts);
  const state = (id: string, label: string, heatVA: number, motorsVA: number, held: number | null): ServiceState => {
    const totalVA = demandVA + heatVA + motorsVA;
    const amps = serviceAmps(totalVA, volts);
    return {
      id,
      label,
      heatVA,
      motorVA: motorsVA,
      totalVA,
      amps,
      isCarried: mainAmps === null ? null : amps <= mainAmps,
      isPlanned: id !== 'emergency' && held === planned,
      held,
      canBeHeld: held !== null && reachableBanks(facts).includes(held),
    };
  };
  return {
    volts,
    mainAmps,
    other,
    otherVA,
    demandVA,
    states: [
      state(
        'all',
        banks.length > 0 ? 'Compressor and all strips' : 'Compressor and blower',
        stripsVA,
        motors ?? 0,
        null,
      ),
      ...banks
        .filter(({ bank }) => bank > 1)
        .map(({ bank, va }) =>
          state(
            `without-${bank}`,
            `Bank ${bank} locked out while the compressor runs`,
            stripsVA - va,
            motors ?? 0,
            bank,
          ),
        ),
      ...(banks.length > 0
        ? [state('emergency', 'Emergency heat: all strips, no compressor', stripsVA, blowerVA(facts), null)]
        : []),
    ],
    missing: missingOf(facts, motors),
  };
};
