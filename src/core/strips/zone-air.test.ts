import { assumedFacts, type Facts } from '../job/document';
import { zoneHasAir } from './rules/zone-has-air';
import { zoneAir } from './zone-air';

const element = (bank: number) => ({ kW: 4.8, bank, onS: 20, offS: 60 });
const zoned = (zones: Partial<Facts['zones']>, maxSupplyF: number | null = null): Facts => {
  const facts = assumedFacts();
  return {
    ...facts,
    site: { ...facts.site, elevationFt: 6_000 },
    house: { ...facts.house, heatSetpointF: 68 },
    heatKit: { ...facts.heatKit, elements: [element(1), element(2)], minCfm: 850, ratedVolts: 240, serviceVolts: 240 },
    airHandler: { ...facts.airHandler, maxSupplyF, coolCfm: 1_000 },
    zones: { ...facts.zones, ...zones },
  };
};
const said = (facts: Facts) => zoneHasAir.check(facts).map(({ severity, aspect }) => `${severity} ${aspect}`);

test('450 CFM with 9.6 kW at 6,000 ft is 152 °F: an error', () => {
  const facts = zoned({ smallestCfm: 450 });
  expect(Math.round(zoneAir(facts, 68)!.supplyF)).toBe(152);
  expect(zoneHasAir.check(facts)[0]).toMatchObject({
    severity: 'error',
    what: 'The smallest zone alone gets 450 CFM: 9.6 kW of strips heat it to 152 °F; limits open at about 140 °F.',
  });
});

test('one bank with one zone calling is cooler, and needs its part of the kit’s minimum airflow', () => {
  const air = zoneAir(zoned({ smallestCfm: 450, banksAlone: 'first' }), 68)!;
  expect([Math.round(air.supplyF), air.leastCfm]).toEqual([110, 425]);
  expect(said(zoned({ smallestCfm: 450, banksAlone: 'first' }))).toEqual(['warning coil']);
  expect(said(zoned({ smallestCfm: 420, banksAlone: 'first' }))).toEqual(['error least', 'warning coil']);
});

test('strips locked out until two zones call are fine; a coil still is checked', () => {
  expect(said(zoned({ smallestCfm: 450, banksAlone: 'none' }))).toEqual(['warning coil']);
  expect(said(zoned({ smallestCfm: 600, banksAlone: 'none' }))).toEqual([]);
});

test('the label’s limit overrides; no zones, nothing to report', () => {
  expect(said(zoned({ smallestCfm: 900 }, 105))).toEqual(['error hot']);
  expect(said(zoned({ smallestCfm: 900 }, 125))).toEqual([]);
  expect(said(zoned({ smallestCfm: null }))).toEqual([]);
});
