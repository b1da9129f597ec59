import type { Cause } from '../../causes/cause';
import type { CallId } from '../../control/moment';
import { indoorId, outdoorId } from '../../devices';
import type { Spot } from '../../devices/device';
import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import { observationKey } from '../../model/observation-key';
import { SEEN, type SeenId, seenWords, SETTING_WORDS } from '../../model/seen';
import type { CautionId } from '../../safety/cautions';
import type { Probe, ProbeKind } from '../probe';

const choicesOf = (words: Readonly<Record<string, string>>) =>
  Object.entries(words).map(([word, said]) => ({ word, words: said }));

interface Look {
  readonly what: SeenId;
  readonly calls: readonly (CallId | null)[];
  readonly place: Spot;
  readonly seconds: number;
  readonly how: string;
  readonly kind?: ProbeKind;
  readonly needsPanel?: boolean;
  readonly caution?: CautionId;
  readonly applies?: (facts: Facts) => boolean;
}

const isFossil = (facts: Facts) => backupOf(facts) === 'fossil';

const LOOKS: readonly Look[] = [
  {
    what: 'outdoor-unit',
    calls: ['heat-1', 'cool-1', 'off'],
    place: 'outdoors',
    seconds: 15,
    how: 'Watch it for a few seconds: contactor, compressor, fan.',
  },
  {
    what: 'blower',
    calls: ['fan', 'heat-1', 'emergency', 'off'],
    place: 'wall',
    seconds: 15,
    how: 'Feel for air at a nearby register.',
  },
  {
    what: 'flame',
    calls: ['emergency'],
    place: 'indoors',
    seconds: 90,
    how: 'Through the sight glass, door on if the label requires it: watch from the call to one minute of flame.',
    caution: 'fuel',
    applies: isFossil,
  },
  {
    what: 'frost',
    calls: [null],
    place: 'outdoors',
    seconds: 10,
    how: 'Look at every side of the coil before you clean anything.',
  },
  { what: 'filter', calls: [null], place: 'indoors', seconds: 30, how: 'Pull it and hold it up to a light.' },
  {
    what: 'coil-face',
    calls: [null],
    place: 'outdoors',
    seconds: 15,
    how: 'Shine a light through the fins; feel the air at the top while it runs.',
    caution: 'moving-blades',
  },
  {
    what: 'fuse',
    calls: [null],
    place: 'indoors',
    seconds: 10,
    needsPanel: true,
    how: 'Pull it and look through it, or read its ohms.',
  },
  {
    what: 'breakers',
    calls: [null],
    place: 'indoors',
    seconds: 45,
    how: 'Panel, disconnects, the service switch and door switch at the indoor unit. A tripped handle sits halfway.',
  },
  {
    what: 'board-lamp',
    calls: ['heat-1'],
    place: 'outdoors',
    seconds: 20,
    needsPanel: true,
    how: 'Count the flashes before you kill power; the label lists the codes.',
    caution: 'live-measuring',
  },
  {
    what: 'coil-sensor',
    calls: [null],
    place: 'outdoors',
    seconds: 30,
    needsPanel: true,
    how: 'Clip, insulation, leads: tug it gently.',
  },
  {
    what: 'outdoor-shown',
    calls: [null],
    place: 'wall',
    seconds: 20,
    how: 'Compare the thermostat’s outdoor reading with a thermometer in the shade.',
    applies: ({ thermostat }) => thermostat.outdoorSensor !== 'none',
  },
  {
    what: 'defrost',
    calls: ['defrost'],
    place: 'outdoors',
    seconds: 420,
    needsPanel: true,
    how: 'Force a defrost per the label and watch it to the end.',
    caution: 'moving-blades',
  },
  {
    what: 'guard',
    calls: [null],
    place: 'outdoors',
    seconds: 15,
    how: 'Its light or display, if there is one.',
  },
  {
    what: 'gauges',
    calls: ['heat-1'],
    place: 'outdoors',
    seconds: 900,
    kind: 'licensed',
    how: 'Licensed techs only: pressures, temperatures and the unit’s own chart.',
    caution: 'refrigerant',
  },
  {
    what: 'cycling',
    calls: ['heat-1'],
    place: 'wall',
    seconds: 600,
    how: 'Let it run on the call for 15 minutes and listen.',
  },
];

const lookWords = (facts: Facts, what: SeenId): string =>
  what === 'breakers' && indoorId(facts) === outdoorId(facts) ? 'Breaker and disconnect' : SEEN[what].label;

const seenProbes = (facts: Facts): Probe[] =>
  LOOKS.filter(({ applies }) => applies?.(facts) ?? true).flatMap(
    ({ what, calls, place, seconds, how, kind = 'look', needsPanel = false, caution = null }) =>
      calls.map((call): Probe => {
        const of = { call, observable: { kind: 'seen', what } } as const;
        return {
          id: observationKey(facts, of),
          of,
          words: lookWords(facts, what),
          how,
          unit: '',
          marks: null,
          choices: choicesOf(seenWords(what)),
          place,
          kind,
          caution,
          seconds,
          needsPanel,
        };
      }),
  );

/** Settings in a technician's words, by id. */
const SETTING_LABELS: Readonly<Record<string, { readonly words: string; readonly place?: Spot }>> = {
  valve: { words: 'Reversing-valve setting' },
  backup: { words: 'Backup type setting: electric or fossil' },
  'aux-lockout': { words: 'Backup lockout temperature' },
  'compressor-lockout': { words: 'Compressor lockout or changeover temperature' },
  droop: { words: 'Droop and delay before the backup' },
  'hasty-backup': { words: 'Minimum droop and delay before backup' },
  active: { words: 'Backup enabled (in the active menu)' },
  switch: { words: 'System switch' },
  'control-type': { words: 'Control type: 24 V or communicating' },
  stages: { words: 'Compressor stages enabled' },
  cycles: { words: 'Cycles per hour, minimum off time' },
  schedule: { words: 'Schedule, hold, setback' },
  'outdoor-dial': { words: 'Outdoor thermostats: dials and bulbs', place: 'outdoors' },
  'blower-tap': { words: 'Blower tap or switches', place: 'indoors' },
};

const settingProbes = (facts: Facts, causes: readonly Cause[]): Probe[] => {
  const looks = new Set(causes.flatMap(({ effect }) => effect.ails?.settingsOff ?? []));
  return [...looks].map((look): Probe => {
    const of = { call: null, observable: { kind: 'setting', look } } as const;
    const { words, place = 'wall' } = SETTING_LABELS[look] ?? { words: look };
    return {
      id: observationKey(facts, of),
      of,
      words,
      how:
        place === 'wall' ? 'Compare the installer menu with the Setup card.' : 'Read it and compare with the Survey.',
      unit: '',
      marks: null,
      choices: choicesOf(SETTING_WORDS),
      place,
      kind: 'look',
      caution: null,
      seconds: 30,
      needsPanel: place !== 'wall',
    };
  });
};

const displayProbe = (facts: Facts): Probe => {
  const of = { call: 'off', observable: { kind: 'display', of: 'thermostat' } } as const;
  return {
    id: observationKey(facts, of),
    of,
    words: 'Thermostat’s display',
    how: 'Wake it with a tap.',
    unit: '',
    marks: null,
    choices: [
      { word: 'alive', words: 'On' },
      { word: 'blank', words: 'Blank' },
    ],
    place: 'wall',
    kind: 'look',
    caution: null,
    seconds: 3,
    needsPanel: false,
  };
};

/** Everything seen, heard or read from a display. */
export const looks = (facts: Facts, causes: readonly Cause[]): readonly Probe[] => [
  displayProbe(facts),
  ...settingProbes(facts, causes),
  ...seenProbes(facts),
];
