import type { Facts } from '../../job/document';
import type { Observation } from '../../model/observable';
import { observationKey } from '../../model/observation-key';
import { voltsMeaning } from '../../strips/volts-meaning';
import { roundTo } from '../../units/round';
import { expectUpTo, expectWithin } from '../expect';
import { numberRead, type StartupContext } from '../given';
import { recorded, typed } from '../recorded';
import type { Expectation, Item, StartupStep } from '../step';
import { terminalItems } from '../terminal-items';
import { tick } from '../tick';
import { minOffWait } from '../waits';

/** Tolerance of line volts under load against nominal, as a share. Source: ANSI C84.1, range B, utilization. */
const LOADED_TOLERANCE = 0.08;
/**
 * Allowed voltage drop to the unit, as a share. Source: NEC 210.19(A) and 215.2(A), informational notes: 3 % in a
 * branch circuit, 5 % with its feeder.
 */
const DROP = { branch: 0.03, whole: 0.05 } as const;

const outdoorVolts = (isLoaded: boolean): Observation => ({
  call: isLoaded ? 'heat-1' : null,
  observable: { kind: 'line-volts', at: 'outdoor', isLoaded },
});

/** Volts under load within the service tolerance, and within the allowed drop from no-load volts. */
const expectLoaded = (serviceVolts: number, idle: number | undefined): Expectation => {
  const service = expectWithin(
    serviceVolts,
    LOADED_TOLERANCE,
    LOADED_TOLERANCE / 2,
    `Service of ${serviceVolts} V under load; the nameplate’s own limits decide`,
  );
  if (idle === undefined) return service;
  const passFrom = Math.max(service.pass[0], (1 - DROP.branch) * idle);
  return {
    ...service,
    pass: [Math.min(passFrom, service.pass[1]), service.pass[1]],
    warn: [Math.min(Math.max(service.warn[0], (1 - DROP.whole) * idle), passFrom), service.warn[1]],
    tolerance: `from ${roundTo(passFrom, 0)} V`,
    sum: `${service.sum}. ${roundTo(idle, 1)} V no load: up to 3 % drop is normal, over 5 % fails`,
  };
};

/** Line volts at the compressor while it runs, and the voltage drop. */
const loadedVolts = (context: StartupContext): Item => {
  const { facts } = context;
  const { serviceVolts } = facts.heatKit;
  const idle = numberRead(context, observationKey(facts, outdoorVolts(false)));
  const of = outdoorVolts(true);
  return {
    id: 'volts-outdoor',
    of,
    label: 'Line volts at the contactor, compressor running',
    unit: 'V',
    expect: () => expectLoaded(serviceVolts, idle),
    explain: (value, grade) => {
      if (typeof value !== 'number') return null;
      const drop = idle === undefined ? null : idle - value;
      const means =
        drop === null ? '' : `${roundTo(drop, 1)} V (${roundTo((100 * drop) / idle!, 1)} %) drop under load. `;
      if (drop !== null && drop > DROP.branch * idle!)
        return {
          means: `${means}That is more than 3 %.`,
          next: 'Lugs, disconnect, conductor size; then the panel under the same load.',
        };
      if (grade === 'pass') return means === '' ? null : { means: means.trim() };
      return voltsMeaning(value, serviceVolts, LOADED_TOLERANCE / 2, 'motor');
    },
  };
};

/** Starting current against locked-rotor amps; with a soft start it is far below. */
const inrush = ({ proof }: Facts): Item => ({
  id: 'inrush',
  label: 'Starting inrush amps',
  unit: 'A',
  expect: () =>
    proof.lockedRotorAmps === null
      ? { kind: 'needs', what: 'locked-rotor amps, from the plate', fact: 'proof.lockedRotorAmps' }
      : expectUpTo(
          proof.lockedRotorAmps,
          'A',
          `Nameplate: ${proof.lockedRotorAmps} A LRA; with a soft starter a third of that or less`,
        ),
  explain: (_, grade) =>
    grade === 'warn' || grade === 'fail'
      ? {
          means: 'Above nameplate LRA.',
          next: 'Clamp and range first; then line voltage, capacitor, or a restart too soon.',
        }
      : null,
});

const blowerAmps = ({ airHandler }: Facts): Item => ({
  id: 'blower-amps',
  label: 'Blower, on its tap or setting',
  unit: 'A',
  limitFrom: 'airHandler.blowerAmps',
  expect: () => expectUpTo(airHandler.blowerAmps, 'A', `Survey: ${airHandler.blowerAmps} A`),
  explain: (_, grade) =>
    grade === 'pass'
      ? null
      : { means: 'Above nameplate.', next: 'Check speed tap, duct, filter; a blower overamps with its door off.' },
});

const megohms = ({ proof }: Facts): Item[] =>
  proof.leastMegohms === null
    ? []
    : [
        {
          ...typed('megohms', 'Compressor windings to ground, power off', 'MΩ', {
            least: proof.leastMegohms,
            fact: 'proof.leastMegohms',
            sum: 'Your crew’s minimum. Only as the manufacturer allows; leads off the terminals',
          }),
          handsIn: 'outdoor',
          isSafety: true,
        },
      ];

const guard = ({ proof }: Facts): Item[] =>
  proof.hasLineGuard
    ? [
        tick('guard-trips', 'Line-voltage monitor trips when tested per its instructions'),
        {
          id: 'guard-min',
          isSafety: true,
          label: 'Monitor reconnect delay',
          unit: 'min',
          expect: () =>
            proof.guardDelayMin === null
              ? { kind: 'needs', what: 'the delay that the guard is set to', fact: 'proof.guardDelayMin' }
              : expectWithin(proof.guardDelayMin, 0.2, 0.2, `Set to ${proof.guardDelayMin} min`),
        },
      ]
    : [];

export const load: StartupStep = {
  id: 'load',
  title: 'Under load',
  why: 'Voltage that looks good unloaded can drop once it runs. A weak lug shows up here now, and as a burn later.',
  applies: () => true,
  build: (context) => {
    const { facts } = context;
    const { proof } = facts;
    return {
      cautions: ['live-measuring', 'moving-blades', 'capacitor'],
      how: [
        'Heat pump running, with everything that is called pulled in.',
        'Use an inrush (peak-hold) clamp, on a start after a full minimum off time.',
      ],
      call: 'heat-1',
      waits: [minOffWait(facts)],
      limits: [
        'proof.lockedRotorAmps',
        'proof.hasCrankcaseHeater',
        'proof.hasSurgeProtector',
        'proof.hasLineGuard',
        ...(proof.hasLineGuard ? (['proof.guardDelayMin'] as const) : []),
        'proof.leastMegohms',
      ],
      items: [
        loadedVolts(context),
        ...terminalItems(context, 'heat-1', ['air-handler-R']),
        inrush(facts),
        blowerAmps(facts),
        ...megohms(facts),
        ...(proof.hasCrankcaseHeater
          ? [recorded('crankcase', 'Crankcase heater, compressor off', 'A', 'Above zero: it is heating.')]
          : []),
        ...(proof.hasSurgeProtector ? [tick('surge', 'Surge-protector light as its label shows for OK')] : []),
        ...guard(facts),
      ],
    };
  },
};
