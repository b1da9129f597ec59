import { powerCurve } from '../balance/heat-pump';
import { jobHeatPump } from '../balance/job-heat-pump';
import { blowerKW } from '../balance/year/from-job';
import type { Cause, Effect } from '../causes/cause';
import { knowsOutdoor, lockoutsInForce } from '../control/lockouts';
import type { CallId } from '../control/moment';
import { outdoorId } from '../devices';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import type { OperatingState } from '../model/operating-state';
import { jobHouse } from '../simulation/house/job-house';
import { timeConstantH } from '../simulation/house/time-constant';
import { ladder } from '../strips/ladder';
import { BTU_PER_KWH, FUEL_BTU_PER_UNIT } from '../units/constants';
import { colorName, type Harness, landedConductors, sparesOf } from '../wiring/harness';
import { bothEffects, faultedSystems } from './faulted-system';
import type { Table } from './table';

/** A temporary change until the part arrives: no limit, link, interlock or safety is bypassed. */
export interface TemporarySetup {
  readonly id: string;
  readonly words: string;
  readonly how: readonly string[];
  /** What to put back. */
  readonly undo: readonly string[];
  readonly call: CallId;
  /** Its effect, on top of the fault. */
  readonly effect: Effect;
  /** Causes that it removes. */
  readonly cures?: boolean;
}

/** A temporary change with its result tonight. */
export interface TonightOption extends Omit<TemporarySetup, 'effect'> {
  readonly heatBtuh: number;
  /** Room temperature that it holds, °F: the setpoint, or lower. */
  readonly holdsF: number;
  /** Hours until the room is at 45 °F; null: never. */
  readonly hoursTo45: number | null;
  /** Cost of a twelve-hour night, $. */
  readonly nightCost: number;
}

/** Room temperature below which pipes may freeze, °F. */
const COLDEST_ROOM_F = 45;
const NIGHT_HOURS = 12;
/** Lowest lockout that menus accept, °F. Our judgment. */
const LOWEST_F = -20;
/** Extra heat, Btu/h, or share of the cost, from which a change is worth the trouble. Our judgment. */
const LEAST_MORE_BTUH = 300;
const LESS_COST_SHARE = 0.9;

const asItStands: TemporarySetup = {
  id: 'as-it-stands',
  words: 'Leave it in Heat, no changes',
  how: ['Nothing is changed.'],
  undo: [],
  call: 'heat-aux',
  effect: {},
};

const emergency: TemporarySetup = {
  id: 'emergency',
  words: 'Emergency heat at the thermostat',
  how: ['System to Emergency Heat; usual setpoint, no setback.'],
  undo: ['System from emergency heat back to heat'],
  call: 'emergency',
  effect: {},
};

const withoutLockouts = (facts: Facts): TemporarySetup[] => {
  const { compressorBelowF, auxAboveF } = lockoutsInForce(facts);
  if (compressorBelowF === null && auxAboveF === null) return [];
  const were = [
    ...(compressorBelowF === null ? [] : [`compressor below ${compressorBelowF} °F`]),
    ...(auxAboveF === null ? [] : [`backup above ${auxAboveF} °F`]),
  ].join(', ');
  return [
    {
      id: 'lockouts-off',
      words: 'Lockouts removed so whatever works can heat',
      how: ['Set both lockouts to none in the installer menu; save, and confirm it holds.'],
      undo: [`Lockouts back as they were: ${were}`],
      call: 'heat-aux',
      effect: { facts: (own) => ({ ...own, gates: { ...own.gates, compressorBelowF: null, auxAboveF: null } }) },
    },
  ];
};

/** With a dead furnace, the thermostat must not drop the compressor for it. */
const heatPumpAlone = (facts: Facts): TemporarySetup[] => {
  if (backupOf(facts) !== 'fossil' || !knowsOutdoor(facts)) return [];
  const { compressorBelowF, auxAboveF } = lockoutsInForce(facts);
  const asWas = (gateF: number | null) => (gateF === null ? 'none' : `${gateF} °F`);
  return [
    {
      id: 'heat-pump-alone',
      words: 'Heat pump only: backup locked out, compressor lockout removed',
      how: [
        `Compressor lockout to none, backup lockout to ${LOWEST_F} °F in the installer menu; save, and confirm it holds.`,
        'The unit still cuts out at its own low-temperature cutoff, if it has one.',
      ],
      undo: [`Lockouts back as they were: compressor ${asWas(compressorBelowF)}, backup ${asWas(auxAboveF)}`],
      call: 'heat-aux',
      effect: { facts: (own) => ({ ...own, gates: { ...own.gates, compressorBelowF: null, auxAboveF: LOWEST_F } }) },
    },
  ];
};

const fanOn = (facts: Facts): TemporarySetup[] =>
  backupOf(facts) === 'strips' && kitRows(facts).length > 0
    ? [
        {
          id: 'fan-on',
          words: 'Emergency heat, fan set to On (not Auto)',
          how: ['Set the fan to On first, then the system to Emergency Heat.'],
          undo: ['Fan from on back to auto', 'System from emergency heat back to heat'],
          call: 'emergency',
          effect: { faults: ['stuck-closed:thermostat R–G'] },
        },
      ]
    : [];

/** A broken or shorted conductor moved to a spare. */
const spare = (harness: Harness, { effect }: Cause): TemporarySetup[] => {
  const [code] = effect.faults ?? [];
  const wire = landedConductors(harness).find(({ id }) => code === `open:${id}` || code?.startsWith(`short:${id}+`));
  if (!wire) return [];
  const [colour] = sparesOf(harness, wire.cable);
  if (colour === undefined) return [];
  return [
    {
      id: 'spare',
      words: `Put ${wire.from.mark} on the spare ${colorName(colour)} conductor`,
      how: [
        'Control power off. Lift the bad conductor at both ends and cap it.',
        `Land ${colorName(colour)} on ${wire.from.mark} and on ${wire.to.mark}; write the change on the wiring record.`,
      ],
      undo: ['Record what the spare now carries, or pull new cable'],
      call: 'heat-aux',
      effect: {},
      cures: true,
    },
  ];
};

/** A valve energized when it should not be: its conductor lifted outdoors, if the de-energized valve heats. */
const valveOff = (facts: Facts, harness: Harness): TemporarySetup[] => {
  if (facts.outdoorUnit.reversingValve !== 'O') return [];
  const wire = landedConductors(harness).find(
    ({ to, from }) =>
      [to, from].some(({ device, mark }) => device === outdoorId(facts) && mark === 'O') && from.device !== to.device,
  );
  return wire
    ? [
        {
          id: 'valve-off',
          words: 'O wire lifted at the outdoor unit so the valve stays in heating',
          how: ['Disconnect out, locked out and verified dead. Lift O at the outdoor board and cap it; disconnect in.'],
          undo: ['O back on its terminal at the outdoor unit'],
          call: 'heat-aux',
          effect: { faults: [`open:${wire.id}`] },
        },
      ]
    : [];
};

const makeshiftsFor = (facts: Facts, harness: Harness, cause: Cause): readonly TemporarySetup[] => [
  asItStands,
  emergency,
  ...withoutLockouts(facts),
  ...heatPumpAlone(facts),
  ...fanOn(facts),
  ...spare(harness, cause),
  ...valveOff(facts, harness),
];

/** What must be shut off first if a cause stops the work. */
interface ShutOff {
  readonly words: string;
  readonly how: string;
  readonly undo: string;
  readonly effect: Effect;
}

const shutOffFor = (facts: Facts, { stop }: Cause): ShutOff | null => {
  switch (stop) {
    case 'welded-contactor':
      return {
        words: 'outdoor disconnect pulled and locked out',
        how: 'First: pull the outdoor disconnect and lock it out. It stays out until the contactor is replaced.',
        undo: 'Outdoor disconnect back in, after the contactor is replaced',
        effect: { ails: { outdoorLine: 'dead', seenOff: 'outdoors' } },
      };
    case 'welded-element':
      return {
        words: 'heat-kit breakers open and locked out',
        how: 'First: open every breaker of the heat kit and lock them out. They stay open until the switch is replaced.',
        undo: 'Heat-kit breakers closed, after the switch is replaced',
        effect: { ails: { kitCircuitsOpen: ladder(facts).circuits.map(({ at }) => at), seenOff: 'kit' } },
      };
    default:
      return null;
  }
};

/** A temporary change with what must be shut off first. */
const shutOffFirst = (makeshift: TemporarySetup, first: ShutOff): TemporarySetup => ({
  ...makeshift,
  words: `${makeshift.id === asItStands.id ? 'Heat as it is set' : makeshift.words}, ${first.words}`,
  how: [first.how, ...makeshift.how.filter((line) => line !== asItStands.how[0])],
  undo: [...makeshift.undo, first.undo],
  effect: bothEffects(makeshift.effect, first.effect),
});

/** A furnace that its own safety keeps stopping is shut off and stays off for the night. */
const KEEPS_OFF: ReadonlySet<string> = new Set(['furnace:limit', 'furnace:flue', 'furnace:weak-fire']);

/** Whether the heat may be left on: airflow, and no limit cycling. */
const isSafeHeat = (works: OperatingState, cause: Cause): boolean =>
  works.totalBtuh >= LEAST_MORE_BTUH &&
  works.isBlowerOn &&
  !works.isTripping &&
  !(works.fossilBtuh > 0 && KEEPS_OFF.has(cause.id));

/** Cost of an hour at full output, $. */
const costPerHour = (facts: Facts, works: OperatingState, outdoorF: number): number => {
  const { electricPerKWh, fuelPerUnit } = facts.prices;
  const compressorKW = works.isCompressorOn ? Math.max(0, powerCurve(jobHeatPump(facts)).at(outdoorF)) : 0;
  const kW =
    works.stripsBtuh / BTU_PER_KWH + compressorKW + (works.isBlowerOn && !works.isCompressorOn ? blowerKW(facts) : 0);
  const fuelUnits = works.fossilBtuh / facts.furnace.efficiency / FUEL_BTU_PER_UNIT[facts.furnace.fuel];
  return kW * electricPerKWh + fuelUnits * fuelPerUnit;
};

/**
 * Temporary options for tonight, most heat first: room temperature, duration, cost, and what to put back. An option
 * that gives no heat, or keeps on what must be shut off, is left out.
 * @param tonightF outdoor temperature of the night, °F
 * @returns empty if nothing safe gives heat
 */
export const tonightOptions = (table: Table, causeId: string, tonightF: number): readonly TonightOption[] => {
  const { model, causes, moment } = table;
  const { facts, wall } = model;
  const cause = causes.find(({ id }) => id === causeId);
  if (!cause) return [];
  const patientWith = faultedSystems(model, { ...moment, outdoorF: tonightF });
  const { lossBtuhPerF, gainsBtuh, ...rest } = jobHouse(facts);
  const hours = timeConstantH({ lossBtuhPerF, gainsBtuh, ...rest });
  const setpointF = facts.house.heatSetpointF;
  const needsBtuh = Math.max(0, lossBtuhPerF * (setpointF - tonightF) - gainsBtuh);
  const best = new Map<string, TonightOption>();
  const first = shutOffFor(facts, cause);
  const makeshifts = makeshiftsFor(facts, wall.harness, cause).map((each) =>
    first ? shutOffFirst(each, first) : each,
  );
  for (const { effect, ...makeshift } of makeshifts) {
    const works = patientWith(makeshift.cures ? effect : bothEffects(cause.effect, effect)).works(makeshift.call);
    if (!isSafeHeat(works, cause)) continue;
    const heatBtuh = works.totalBtuh;
    const restsF = tonightF + (heatBtuh + gainsBtuh) / lossBtuhPerF;
    const share = heatBtuh > 0 ? Math.min(1, needsBtuh / heatBtuh) : 1;
    best.set(makeshift.id, {
      ...makeshift,
      heatBtuh,
      holdsF: Math.min(setpointF, restsF),
      hoursTo45: restsF >= COLDEST_ROOM_F ? null : hours * Math.log((setpointF - restsF) / (COLDEST_ROOM_F - restsF)),
      nightCost: NIGHT_HOURS * share * costPerHour(facts, works, tonightF),
    });
  }
  const enough = (heatBtuh: number) => Math.min(heatBtuh, needsBtuh);
  const left = best.get(asItStands.id) ?? { heatBtuh: 0, nightCost: 0 };
  // No change without a benefit.
  const isWorth = (way: TonightOption) =>
    way.id === asItStands.id ||
    enough(way.heatBtuh) > enough(left.heatBtuh) + LEAST_MORE_BTUH ||
    (enough(way.heatBtuh) >= enough(left.heatBtuh) && way.nightCost < LESS_COST_SHARE * left.nightCost);
  // Options that heat enough are equal; then by cost, then by what must be undone.
  return [...best.values()]
    .filter(isWorth)
    .sort(
      (one, other) =>
        Math.round((enough(other.heatBtuh) - enough(one.heatBtuh)) / 100) ||
        one.nightCost - other.nightCost ||
        one.undo.length - other.undo.length,
    );
};
