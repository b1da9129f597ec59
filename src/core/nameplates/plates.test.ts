import { checkEquipment } from '../check/equipment';
import { assumedFacts, type FactPath, type Facts, withFact } from '../job/document';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { NAMEPLATE_RULES } from '.';

type Changes = readonly (readonly [FactPath, unknown])[];
const facts = (changes: Changes, of: Facts = assumedFacts()): Facts =>
  changes.reduce((before, [path, value]) => withFact(before, path, value), of);
const found = (of: Facts, rule: string) => checkEquipment(jobModel(of)).filter((finding) => finding.rule === rule);
const GAS: Changes = [
  ['system.backup', 'furnace'],
  ['thermostat.backupSetting', 'fossil'],
];
const OIL: Changes = [...GAS, ['furnace.fuel', 'fuel-oil']];

test.each<[string, string, Changes, string, RegExp]>([
  [
    'inlet upside down',
    'limits-in-order',
    [...GAS, ['proof.inletLeastInWc', 11], ['proof.inletMostInWc', 5]],
    'error',
    /Inlet/,
  ],
  ['rise upside down', 'limits-in-order', [...GAS, ['proof.riseFromF', 60], ['proof.riseToF', 30]], 'error', /rise/],
  [
    'flue upside down',
    'limits-in-order',
    [...OIL, ['proof.flueLeastF', 480], ['proof.flueMostF', 350]],
    'error',
    /Flue/,
  ],
  [
    'draft upside down',
    'limits-in-order',
    [...OIL, ['proof.chamberPressure', 'positive'], ['proof.draftLeastInWc', 0.4], ['proof.draftMostInWc', 0.1]],
    'error',
    /Draft/,
  ],
  ['input below output', 'furnace-input', [...GAS, ['proof.inputBtuh', 50_000]], 'error', /below the output/],
  ['input four times output', 'furnace-input', [...GAS, ['proof.inputBtuh', 240_000]], 'error', /less than half/],
  [
    'rise over the nameplate',
    'furnace-rise',
    [...GAS, ['airHandler.auxCfm', 800], ['proof.riseFromF', 30], ['proof.riseToF', 60]],
    'error',
    /69.*at most 60/,
  ],
  ['rise beyond sense', 'furnace-rise', [...GAS, ['airHandler.auxCfm', 400]], 'error', /139/],
  ['rise of few nameplates', 'furnace-rise', [...GAS, ['airHandler.auxCfm', 650]], 'warning', /85/],
  [
    'rise below the nameplate',
    'furnace-rise',
    [...GAS, ['proof.riseFromF', 55], ['proof.riseToF', 85]],
    'error',
    /no less/,
  ],
  ['400 CFM on three tons', 'cooling-air', [['airHandler.coolCfm', 400]], 'error', /141 CFM a ton/],
  ['2000 CFM on three tons', 'cooling-air', [['airHandler.coolCfm', 2000]], 'warning', /lower|706/],
  ['supply-air limit of 160', 'supply-limit', [...GAS, ['furnace.supplyAirLimitF', 160]], 'error', /160/],
  [
    'opens below where it closes',
    'defrost-control',
    [
      ['outdoorUnit.defrostOpensF', 40],
      ['outdoorUnit.defrostClosesF', 45],
    ],
    'error',
    /opens warmer/,
  ],
  ['fossil on strips', 'strips-set-to-fossil', [['thermostat.backupSetting', 'fossil']], 'error', /set to fossil/],
  ['a cap of two minutes', 'defrost-control', [['outdoorUnit.defrostCapMin', 2]], 'warning', /2 min/],
  ['a 10 A fuse on 40 VA', 'fuse-suits-transformer', [['airHandler.fuseAmps', 10]], 'error', /10 A fuse on a 40 VA/],
  [
    'main far under its load',
    'main-carries',
    [
      ['service.mainAmps', 60],
      ['heatKit.elements', [1, 2, 3, 4].map((bank) => ({ kW: 4.8, bank: Math.min(bank, 2), onS: 0, offS: 0 }))],
    ],
    'error',
    /main breaker is 60 A/,
  ],
  [
    'warm air before the strips',
    'supply-with-strips',
    [
      ['airHandler.maxSupplyF', 110],
      ['airHandler.auxCfm', 1150],
      ['heatKit.elements', [4.8, 4.8].map((kW) => ({ kW, bank: 1, onS: 0, offS: 0 }))],
    ],
    'warning|error',
    /together at/,
  ],
  [
    'auxiliary held above 40, unit stops itself below 45',
    'hole-between-gates',
    [
      ['thermostat.outdoorSensor', 'wired'],
      ['gates.auxAboveF', 40],
      ['outdoorUnit.minOutdoorF', 45],
    ],
    'error',
    /From 40 to 45/,
  ],
])('%s', (_, rule, changes, severity, words) => {
  const findings = found(facts(changes), rule);
  expect(findings.map(({ what }) => what)).toEqual([expect.stringMatching(words)]);
  expect(severity.split('|')).toContain(findings[0]!.severity);
});

test.each<[string, Changes]>([
  ['a furnace without typed limits', GAS],
  ['oil', OIL],
  [
    'limits the right way round',
    [...GAS, ['proof.inletLeastInWc', 5], ['proof.inletMostInWc', 11], ['proof.inputBtuh', 66_000]],
  ],
  [
    'a limit that is not asked',
    [
      ['proof.riseFromF', 60],
      ['proof.riseToF', 30],
    ],
  ],
])('nothing is found on %s', (_, changes) => {
  const of = facts(changes);
  expect(NAMEPLATE_RULES.flatMap(({ check }) => check(of)).map(({ what }) => what)).toEqual([]);
});

test.each(SAMPLES.map((sample) => [sample.id, sample.facts] as const))('nothing is found on sample %s', (_, of) =>
  expect(NAMEPLATE_RULES.flatMap(({ check }) => check(of)).map(({ what }) => what)).toEqual([]),
);
