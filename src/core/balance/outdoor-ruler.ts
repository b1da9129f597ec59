import { outdoorThermostatOf, withDialSetting } from '../control/outdoor-thermostats';
import { jobFurnaceBtuh } from '../devices/furnace/stages';
import { backupOf } from '../job/backup';
import { jobBanks } from '../job/banks';
import { factAt, type FactPath, type Facts } from '../job/document';
import { interlockedBank } from '../job/interlocked-bank';
import { roundTo } from '../units/round';
import type { SpanF } from '../units/span';
import { jobBalance, jobLockouts } from './from-job';
import { backupToF, compressorFromF, spanFrom, spanTo } from './lockouts';
import { type PossibleGap, possibleGap } from './possible-gap';
import { RULER_SPAN_F } from './range';

/** A lockout or limit on a lane of the ruler. With a fact it can be dragged. */
export interface LockoutMarker {
  readonly label: string;
  readonly atF: number;
  readonly fact?: FactPath;
  /** Row in the fact's table, from 0, if the fact is a table. */
  readonly row?: number;
}

/** Range for dragging a marker, °F; null if it has no fact. */
export const markerLimitsF = ({ fact, row }: LockoutMarker): SpanF | null => {
  if (fact === undefined) return null;
  const entry = factAt(fact);
  const bounds =
    entry.kind === 'table' && row !== undefined
      ? entry.columns.closesBelowF
      : entry.kind === 'number'
        ? entry
        : undefined;
  return bounds ? [bounds.min, bounds.max] : null;
};

/** New value of the fact for a marker dragged to an outdoor temperature, °F, within its limits. */
export const markerValue = (facts: Facts, post: LockoutMarker, atF: number): unknown => {
  const [low, high] = markerLimitsF(post)!;
  const withinF = Math.min(high, Math.max(low, atF));
  return post.row === undefined ? withinF : withDialSetting(facts, post.row + 1, withinF);
};

/** One source's lane: where it may run, and its markers. */
export interface Lane {
  readonly id: string;
  readonly label: string;
  readonly source: 'compressor' | 'strips' | 'fossil';
  readonly openF: readonly SpanF[];
  readonly markers: readonly LockoutMarker[];
}

export interface RulerMark {
  readonly id: 'thermal-balance' | 'design' | 'no-load';
  readonly label: string;
  readonly atF: number;
}

/** Data of the outdoor ruler. */
export interface OutdoorRuler {
  readonly spanF: SpanF;
  readonly lanes: readonly Lane[];
  readonly marks: readonly RulerMark[];
  readonly gapsF: readonly SpanF[];
  readonly shortfallsF: readonly SpanF[];
  /** A possible gap with sensor and dial at their tolerances; null: none. */
  readonly possibleGap: PossibleGap | null;
}

/** The outdoor ruler of a job. */
export const outdoorRuler = (facts: Facts): OutdoorRuler => {
  const gates = jobLockouts(facts);
  const held = interlockedBank(facts);
  const { minOutdoorF } = facts.outdoorUnit;
  const { thermalBalanceF, gapsF, shortfallsF } = jobBalance(facts);
  const compressorPosts: LockoutMarker[] = [
    ...(gates.compressorBelowF === null
      ? []
      : [
          {
            label: backupOf(facts) === 'fossil' ? 'changeover' : 'compressor lockout',
            atF: gates.compressorBelowF,
            fact: 'gates.compressorBelowF' as const,
          },
        ]),
    ...(minOutdoorF === null ? [] : [{ label: 'unit low-temp cutoff', atF: minOutdoorF }]),
  ];
  const backupPosts: LockoutMarker[] =
    gates.auxAboveF === null
      ? []
      : [
          {
            label: backupOf(facts) === 'fossil' ? 'furnace lockout' : 'strip lockout',
            atF: gates.auxAboveF,
            fact: 'gates.auxAboveF',
          },
        ];
  const thermostatPost = (bank: number): LockoutMarker[] => {
    const found = outdoorThermostatOf(facts, bank);
    return found === null
      ? []
      : [
          {
            label: `outdoor thermostat ${found.number}`,
            atF: found.closesBelowF,
            fact: 'gates.outdoorThermostats',
            row: found.number - 1,
          },
        ];
  };
  return {
    spanF: RULER_SPAN_F,
    lanes: [
      {
        id: 'compressor',
        label: 'Compressor',
        source: 'compressor',
        openF: spanFrom(compressorFromF(gates, minOutdoorF), RULER_SPAN_F),
        markers: compressorPosts,
      },
      ...jobBanks(facts).map(({ bank, kW }, at): Lane => ({
        id: `bank-${bank}`,
        label: `Bank ${bank} · ${roundTo(kW, 1)} kW${bank === held ? ', interlocked' : ''}`,
        source: 'strips',
        openF: spanTo(backupToF(gates, at), RULER_SPAN_F),
        markers: [...backupPosts, ...thermostatPost(bank)],
      })),
      ...(backupOf(facts) === 'fossil'
        ? [
            {
              id: 'furnace',
              label: `Furnace · ${roundTo(jobFurnaceBtuh(facts) / 1000, 0)} kBtu/h`,
              source: 'fossil' as const,
              openF: spanTo(backupToF(gates, -1), RULER_SPAN_F),
              markers: backupPosts,
            },
          ]
        : []),
    ],
    marks: [
      ...(thermalBalanceF === null
        ? []
        : [{ id: 'thermal-balance' as const, label: 'balance point', atF: thermalBalanceF }]),
      { id: 'design', label: 'design', atF: facts.house.designOutdoorF },
      { id: 'no-load', label: 'no heat needed', atF: facts.house.noLoadF },
    ],
    gapsF: gapsF,
    shortfallsF,
    possibleGap: possibleGap(facts),
  };
};
