import { CALL_IDS, DEFAULT_MOMENT } from '../control/moment';
import { DEVICE_LABELS } from '../devices/device';
import { ALL_FACTS, type Facts } from '../job/document';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { startupOf } from '../startup/startup-of';
import { differences } from '../wiring/differences';
import { families } from '../wiring/families';
import { faultsOf } from '../wiring/fault';
import { exchanges, mutated, removals } from '../wiring/mutations';
import { traceCall } from '../wiring/trace';
import { findingsOf } from '.';

/** Every sentence in an answer; ids are skipped. */
const CODES = new Set([
  'id',
  'rule',
  'at',
  'fact',
  'path',
  'key',
  'code',
  'aspect',
  'under',
  'page',
  'kind',
  'grade',
  'severity',
  'of',
  'node',
  'from',
  'to',
  'coil',
  'home',
  'source',
  'item',
  'call',
  'cautions',
  'cable',
  'device',
]);
const sentences = (value: unknown): string[] => {
  if (typeof value === 'string') return [value];
  if (Array.isArray(value)) return value.flatMap(sentences);
  return typeof value === 'object' && value !== null
    ? Object.entries(value).flatMap(([key, each]) => (CODES.has(key) ? [] : sentences(each)))
    : [];
};

const PATHS: ReadonlySet<string> = new Set(ALL_FACTS.map(({ path }) => path));
const NODES = Object.keys(DEVICE_LABELS).map((id) => `${id}.`);
const isNameOfCode = (word: string): boolean =>
  PATHS.has(word) ||
  NODES.some((node) => word.startsWith(node)) ||
  /^(thermostat-cable|outdoor-cable|leads-\w+|undefined|null|NaN|Infinity|(?!kBtu|kW)[a-z]+[A-Z]\w*)$/.test(word);
const hasNameOfCode = (words: string) => words.split(/[^\w.-]+/).some((word) => isNameOfCode(word.replace(/\.$/, '')));

const said = (facts: Facts): string[] => {
  const model = jobModel(facts);
  const steps = startupOf(model, [], DEFAULT_MOMENT);
  return [
    ...sentences(findingsOf(model)),
    ...sentences(
      steps.map(({ step, built, items }) => [
        step,
        built.how,
        built.waits,
        items.map(({ item, expected }) => [item.label, expected]),
      ]),
    ),
    ...CALL_IDS.flatMap((call) =>
      sentences(traceCall(facts, model.sound, model.harness, model.state({ ...DEFAULT_MOMENT, call }))),
    ),
    ...faultsOf(model.harness).map(({ words }) => words),
    ...differences(facts, model.sound, model.harness, DEFAULT_MOMENT, model.supply).flatMap(({ words, effects }) => [
      words,
      ...effects,
    ]),
  ];
};
const named = (facts: Facts) => [...new Set(said(facts).filter(hasNameOfCode))];

describe('no identifier of the code appears on screen', () => {
  test('one would be caught', () => {
    const names = [
      'See heatKit.elements.',
      'Land it on thermostat.R',
      'NaN V',
      'leads-interlock is off',
      'by stageTwo',
    ];
    expect(names.filter(hasNameOfCode)).toEqual(names);
    expect(['Land R on the thermostat.', '14.6 kBtu/h', '4.8 kW, 2 kWh'].filter(hasNameOfCode)).toEqual([]);
  });

  test.each(SAMPLES.map(({ facts }) => [facts.site.jobName, facts] as const))('%s', (_, facts) =>
    expect(named(facts)).toEqual([]),
  );

  test('nor for any system, as planned and with a mistake', () => {
    const all = families();
    const wrong = all.flatMap(({ facts }, at) => {
      if (at % 30 !== 0) return [];
      const { planned } = jobModel(facts);
      const mutations = [...removals(planned), ...exchanges(planned, false)];
      return [...named(facts), ...named(mutated(facts, mutations[(at * 7) % mutations.length]!))];
    });
    expect([...new Set(wrong)]).toEqual([]);
  });
});
