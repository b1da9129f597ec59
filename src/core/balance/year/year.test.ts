import fc from 'fast-check';
import { assumedFacts, withFact } from '../../job/document';
import { SAMPLES } from '../../samples';
import { BTU_PER_KWH } from '../../units/constants';
import { capacityCurve, copAt } from '../heat-pump';
import { loadCurve } from '../load';
import { climateById, CLIMATES } from './climates';
import { jobPlant, jobTariff } from './from-job';
import { electricKW, hourOf } from './hour';
import { isPeakHour, type PeakHours, type Plant, type Tariff } from './plant';
import { BIN_WIDTH_F, binned, everyTemperature } from './temperatures';
import { yearOf } from './year';

const TARIFF: Tariff = { electricPerKWh: 0.15, fuelPerUnit: 2, electricKgPerKWh: null, fuelKgPerUnit: null };
const basin = climateById('sorrel-basin').hoursF();

const plantWith = (more: Partial<Plant> = {}): Plant => ({
  load: { designOutdoorF: 4, designBtuh: 34_000, noLoadF: 62 },
  compressor: {
    full: {
      points: [
        { outdoorF: 47, btuh: 33_000, kW: 2.7 },
        { outdoorF: 17, btuh: 20_000, kW: 2.4 },
      ],
      frost: true,
      minOutdoorF: null,
    },
    low: null,
    modulates: false,
    cyclingLoss: 0.25,
  },
  banksKW: [9.6, 4.8],
  gates: {},
  stripsHelp: true,
  defrost: { share: 0, follows: 'frost' },
  temperingKW: 0,
  blowerKW: 0.4,
  cyclesPerHour: 3,
  air: { roomF: 68, cfm: 1100, elevationFt: 5900 },
  ...more,
});

const DEMAND = { share: 0.04, follows: 'frost' } as const;
const FUEL = { kind: 'propane', pricePerUnit: 2.4, efficiency: 0.92, outputBtuh: 55_000 } as const;
/** Between two tenths of a degree, so that no hour is exactly at a lockout. */
const gate = fc.option(fc.integer({ min: -15, max: 60 }).map((atF) => atF + 0.05));
const anyPlant = fc
  .record({
    designBtuh: fc.integer({ min: 12_000, max: 80_000 }),
    noLoadF: fc.integer({ min: 52, max: 68 }),
    warm: fc.integer({ min: 18_000, max: 60_000 }),
    share: fc.double({ min: 0.4, max: 0.9, noNaN: true }),
    lowShare: fc.option(fc.double({ min: 0.3, max: 0.8, noNaN: true })),
    modulates: fc.boolean(),
    cyclingLoss: fc.double({ min: 0, max: 0.4, noNaN: true }),
    banksKW: fc.array(fc.double({ min: 2, max: 10, noNaN: true }), { maxLength: 3 }),
    isFuel: fc.boolean(),
    compressorBelowF: gate,
    auxAboveF: gate,
    minOutdoorF: gate,
    stripsHelp: fc.boolean(),
    defrostShare: fc.double({ min: 0, max: 0.1, noNaN: true }),
    follows: fc.constantFrom('frost' as const, 'clock' as const),
  })
  .map((of): Plant => {
    const points = [
      { outdoorF: 47, btuh: of.warm, kW: of.warm / 11_500 },
      { outdoorF: 17, btuh: of.warm * of.share, kW: of.warm / 13_000 },
    ];
    const full = { points, frost: !of.modulates, minOutdoorF: of.minOutdoorF };
    return plantWith({
      load: { designOutdoorF: 4, designBtuh: of.designBtuh, noLoadF: of.noLoadF },
      compressor: {
        full,
        low:
          of.lowShare === null
            ? null
            : {
                ...full,
                points: points.map(({ outdoorF, btuh, kW }) => ({
                  outdoorF,
                  btuh: btuh * of.lowShare!,
                  kW: kW * of.lowShare! * 0.9,
                })),
              },
        modulates: of.modulates,
        cyclingLoss: of.cyclingLoss,
      },
      banksKW: of.isFuel ? [] : of.banksKW,
      ...(of.isFuel ? { fuel: FUEL } : {}),
      gates: { compressorBelowF: of.compressorBelowF, auxAboveF: of.auxAboveF },
      stripsHelp: of.stripsHelp,
      defrost: { share: of.defrostShare, follows: of.follows },
      temperingKW: of.isFuel ? 0 : of.banksKW.reduce((sum, kW) => sum + kW, 0),
    });
  });
const outdoor = fc.double({ min: -25, max: 75, noNaN: true });

describe('an hour', () => {
  test('sources and shortfall add up to the load, and none is negative', () =>
    fc.assert(
      fc.property(anyPlant, outdoor, (plant, outdoorF) => {
        const heat = hourOf(plant)(outdoorF);
        expect(heat.compressorBtuh + heat.stripsBtuh + heat.fossilBtuh + heat.shortBtuh).toBeCloseTo(
          loadCurve(plant.load).at(outdoorF),
          5,
        );
        for (const part of [
          heat.compressorBtuh,
          heat.stripsBtuh,
          heat.fossilBtuh,
          heat.shortBtuh,
          heat.compressorKW,
          heat.starts,
        ])
          expect(part).toBeGreaterThanOrEqual(-1e-9);
      }),
    ));

  test('no source gives more than it can, or runs while locked out', () =>
    fc.assert(
      fc.property(anyPlant, outdoor, (plant, outdoorF) => {
        const heat = hourOf(plant)(outdoorF);
        const { compressorBelowF, auxAboveF } = plant.gates;
        expect(heat.compressorBtuh).toBeLessThanOrEqual(capacityCurve(plant.compressor.full).at(outdoorF) + 1e-6);
        if (compressorBelowF !== null && outdoorF < compressorBelowF!) expect(heat.compressorBtuh).toBe(0);
        if (auxAboveF !== null && outdoorF > auxAboveF!)
          expect(heat.fossilBtuh + heat.stripsBtuh - heat.temperingBtuh).toBeCloseTo(0, 6);
        expect(heat.fossilBtuh).toBeLessThanOrEqual(FUEL.outputBtuh + 1e-6);
      }),
    ));

  test('furnace and compressor share the hour and are never on together', () =>
    fc.assert(
      fc.property(anyPlant, outdoor, (plant, outdoorF) => {
        if (!plant.fuel) return;
        const heat = hourOf(plant)(outdoorF);
        const canBtuh = capacityCurve(plant.compressor.full).at(outdoorF);
        if (heat.fossilBtuh > 0 && heat.compressorBtuh > 0)
          expect(heat.fossilBtuh / FUEL.outputBtuh + heat.compressorBtuh / canBtuh).toBeLessThanOrEqual(1 + 1e-9);
      }),
    ));

  test('no cycling loss at full load; at half load the part-load factor of C_D 0.25', () => {
    const plant = plantWith({
      compressor: { ...plantWith().compressor, full: { ...plantWith().compressor.full, frost: false } },
    });
    const capacity = capacityCurve(plant.compressor.full).at(50);
    const half = hourOf({ ...plant, load: { designOutdoorF: 4, designBtuh: (capacity / 2 / 12) * 58, noLoadF: 62 } })(
      50,
    );
    const cop = copAt(plant.compressor.full, 50);
    expect(half.compressorBtuh).toBeCloseTo(capacity / 2, 6);
    expect(half.compressorBtuh / (half.compressorKW * BTU_PER_KWH)).toBeCloseTo(cop * 0.875, 6);
    expect(half.starts).toBeCloseTo(3, 6);
  });

  test('two stages run between low and high without loss; an inverter at minimum speed beats full speed', () => {
    const { full } = plantWith().compressor;
    const low = {
      ...full,
      points: full.points.map(({ outdoorF, btuh, kW }) => ({ outdoorF, btuh: btuh * 0.6, kW: kW * 0.5 })),
    };
    const at = (modulates: boolean) =>
      hourOf(plantWith({ compressor: { full, low, modulates, cyclingLoss: 0.25 } }))(38);
    const single = hourOf(plantWith())(38);
    for (const modulates of [false, true]) {
      expect(at(modulates).compressorBtuh).toBeCloseTo(single.compressorBtuh, 6);
      expect(at(modulates).compressorKW).toBeLessThan(single.compressorKW);
    }
  });

  test('defrost without strips blows colder than with strips, and only where frost grows', () => {
    const cold = hourOf(plantWith({ defrost: DEMAND }));
    const warm = hourOf(plantWith({ defrost: DEMAND, temperingKW: 14.4 }));
    expect(cold(35).coldestSupplyF!).toBeLessThan(60);
    expect(warm(35).coldestSupplyF!).toBeGreaterThan(cold(35).coldestSupplyF! + 25);
    expect(cold(50).coldestSupplyF!).toBeGreaterThan(80);
    expect(warm(35).temperingBtuh).toBeGreaterThan(0);
    expect(warm(10).temperingBtuh).toBe(0);
  });

  test('a timed board keeps defrosting in hard cold, with its strips; a demand board does not', () => {
    const byClock = hourOf(plantWith({ defrost: { share: 0.04, follows: 'clock' }, temperingKW: 14.4 }));
    const byFrost = hourOf(plantWith({ defrost: DEMAND, temperingKW: 14.4 }));
    expect(byClock(10).temperingBtuh).toBeGreaterThan(0);
    expect(byFrost(10).temperingBtuh).toBe(0);
    expect([byClock(50).temperingBtuh, byFrost(50).temperingBtuh]).toEqual([0, 0]);
  });

  test('blower power counts for backup alone, by its share of the hour; ratings include it with the compressor on', () => {
    const furnace = hourOf(plantWith({ fuel: FUEL, banksKW: [], gates: { compressorBelowF: 30 } }));
    const { fossilBtuh, blowerKW } = furnace(10);
    expect(blowerKW).toBeCloseTo((0.4 * fossilBtuh) / FUEL.outputBtuh, 9);
    expect(furnace(40).blowerKW).toBe(0);
    expect(hourOf(plantWith())(10)).toMatchObject({ blowerKW: 0 });
    expect(hourOf(plantWith({ gates: { compressorBelowF: 30 } }))(10).blowerKW).toBeGreaterThan(0);
  });
});

describe('a year', () => {
  test('is the sum of its hours, by hours or by bins', () =>
    fc.assert(
      fc.property(anyPlant, (plant) => {
        const year = yearOf(plant, TARIFF, everyTemperature(basin));
        const hour = hourOf(plant);
        const plain = [...basin].reduce((sum, outdoorF) => sum + hour(outdoorF).compressorKW, 0);
        expect(year.compressorKWh).toBeCloseTo(plain, 4);
        expect(year.compressorBtu + year.stripsBtu + year.fossilBtu + year.shortBtu).toBeCloseTo(year.loadBtu, 0);
        expect(year.bins.reduce((sum, { hours }) => sum + hours, 0)).toBe(8760);
      }),
      { numRuns: 15 },
    ));

  test('the hourly method converges to the bin method as bins narrow', () =>
    fc.assert(
      fc.property(anyPlant, (plant) => {
        const hourly = yearOf(plant, TARIFF, everyTemperature(basin));
        const off = (widthF: number) =>
          Math.abs(yearOf(plant, TARIFF, binned(basin, widthF)).compressorKWh - hourly.compressorKWh);
        // Between lockouts no power changes faster than 1 kW per degree, so a bin of width w is off by at most w / 2
        // of that per hour.
        for (const widthF of [0.04, 0.02, 0.01, 0.005]) expect(off(widthF)).toBeLessThanOrEqual((8760 * widthF) / 2);
      }),
      { numRuns: 20 },
    ));

  test('a higher compressor lockout never lowers the cost with strips while the COP, cycling included, is above one', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 20_000, max: 70_000 }),
        fc.integer({ min: 0, max: 45 }),
        fc.integer({ min: 1, max: 20 }),
        fc.boolean(),
        (designBtuh, lockoutF, more, tempers) => {
          const plant = plantWith({
            load: { designOutdoorF: 4, designBtuh, noLoadF: 62 },
            banksKW: [40],
            defrost: { share: 0.05, follows: 'frost' },
            temperingKW: tempers ? 40 : 0,
          });
          const cost = (compressorBelowF: number) =>
            yearOf({ ...plant, gates: { compressorBelowF } }, TARIFF, everyTemperature(basin)).cost;
          for (const atF of [lockoutF, lockoutF + more])
            expect(copAt(plant.compressor.full, atF) * 0.75).toBeGreaterThan(1);
          expect(cost(lockoutF + more)).toBeGreaterThanOrEqual(cost(lockoutF) - 1e-6);
        },
      ),
      { numRuns: 60 },
    ));

  test('more capacity never costs more with strips', () =>
    fc.assert(
      fc.property(fc.double({ min: 1, max: 1.6, noNaN: true }), (share) => {
        const more = plantWith().compressor.full;
        const bigger = {
          ...more,
          points: more.points.map(({ outdoorF, btuh, kW }) => ({ outdoorF, btuh: btuh * share, kW: kW * share })),
        };
        const of = (full: typeof more) =>
          yearOf(plantWith({ compressor: { ...plantWith().compressor, full, cyclingLoss: 0 } }), TARIFF, binned(basin));
        expect(of(bigger).cost).toBeLessThanOrEqual(of(more).cost + 1e-6);
        expect(of(bigger).stripsKWh).toBeLessThanOrEqual(of(more).stripsKWh + 1e-6);
      }),
    ));

  test('CO₂ is shown only if every factor needed is given', () => {
    const fueled = plantWith({ fuel: FUEL, banksKW: [] });
    const weighed = (electricKgPerKWh: number | null, fuelKgPerUnit: number | null, plant = fueled) =>
      yearOf(plant, { ...TARIFF, electricKgPerKWh, fuelKgPerUnit }, binned(basin)).co2Kg;
    expect([weighed(null, 5.7), weighed(0.4, null), weighed(null, null)]).toEqual([null, null, null]);
    const year = yearOf(fueled, TARIFF, binned(basin));
    expect(weighed(0.4, 5.7)).toBeCloseTo((year.compressorKWh + year.blowerKWh) * 0.4 + year.fuelUnits * 5.7, 6);
    expect(weighed(0.4, null, plantWith())).toBeGreaterThan(0);
  });

  test.each(SAMPLES.map(({ id, facts }) => [id, facts] as const))(
    'sample %s: cost is its energy times its prices',
    (_, facts) => {
      const [plant, tariff] = [jobPlant(facts), jobTariff(facts)];
      const year = yearOf(plant, tariff, everyTemperature(basin));
      expect(year.cost).toBeCloseTo(
        (year.compressorKWh + year.blowerKWh + year.stripsKWh) * tariff.electricPerKWh +
          year.fuelUnits * tariff.fuelPerUnit,
        4,
      );
      expect(year.heatingHours).toBeGreaterThan(year.stripHours + year.furnaceHours - 1);
    },
  );
});

describe('hourly prices', () => {
  const peakAt = (fromHour: number, toHour: number, perKWh: number) => ({ fromHour, toHour, perKWh });
  const under = (peak: PeakHours | null, by: 'bins' | 'hours' = 'hours') =>
    yearOf(
      plantWith(),
      { ...TARIFF, peak },
      by === 'bins' ? binned(basin, BIN_WIDTH_F, peak) : everyTemperature(basin, peak),
    );

  test('equal peak and off-peak prices, or no peak hours, give the flat-rate year to the cent', () => {
    for (const by of ['bins', 'hours'] as const) {
      const flat = under(null, by).cost;
      expect(under(peakAt(6, 10, TARIFF.electricPerKWh), by).cost).toBeCloseTo(flat, 6);
      expect(under(peakAt(6, 6, 9), by).cost).toBeCloseTo(flat, 6);
    }
  });

  test('every hour costs what its own clock says', () => {
    const peak = peakAt(21.5, 6, 0.5);
    const hour = hourOf(plantWith());
    const byHand = Array.from(basin).reduce((sum, outdoorF, at) => {
      const heat = hour(outdoorF);
      const share = (+isPeakHour(peak, (at % 24) + 0.25) + +isPeakHour(peak, (at % 24) + 0.75)) / 2;
      const price = TARIFF.electricPerKWh + share * (peak.perKWh - TARIFF.electricPerKWh);
      return sum + electricKW(heat) * price;
    }, 0);
    expect(under(peak).cost).toBeCloseTo(byHand, 4);
    // Nights are colder: a high night price costs more than a high day price.
    expect(under(peakAt(0, 6, 0.5)).cost).toBeGreaterThan(under(peakAt(12, 18, 0.5)).cost);
  });
});

describe('temperatures', () => {
  test('no hour is lost, and bins are in order', () =>
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -40, max: 110, noNaN: true }), { minLength: 1, maxLength: 300 }),
        fc.double({ min: 0.5, max: 10, noNaN: true }),
        (hoursF, widthF) => {
          for (const { outdoorF, hours } of [everyTemperature(hoursF), binned(hoursF, widthF)]) {
            expect(hours.reduce((sum, each) => sum + each, 0)).toBe(hoursF.length);
            expect([...outdoorF]).toEqual([...outdoorF].sort((a, b) => a - b));
          }
        },
      ),
    ));

  test.each(CLIMATES.map((climate) => [climate.name, climate] as const))(
    '%s is a whole year, the same each time',
    (_, climate) => {
      const hoursF = climate.hoursF();
      expect([hoursF.length, hoursF.every(Number.isFinite)]).toEqual([8760, true]);
      expect(climate.hoursF()).toEqual(hoursF);
    },
  );

  test('the climates match their descriptions', () => {
    const coldest = (id: string) => Float64Array.from(climateById(id).hoursF()).sort()[Math.round(0.01 * 8760)]!;
    expect(coldest('sorrel-basin')).toBeGreaterThan(0);
    expect(coldest('sorrel-basin')).toBeLessThan(8);
    expect(coldest('alder-sound')).toBeGreaterThan(24);
    expect(coldest('thistle-plain')).toBeLessThan(-15);
    expect(climateById('nowhere').id).toBe('sorrel-basin');
  });
});

test('elevation that reduces capacity, and a board without W-out, change the inputs', () => {
  const thin = jobPlant(withFact(assumedFacts(), 'outdoorUnit.capacityShare', 0.9));
  expect(capacityCurve(thin.compressor.full).at(47)).toBeCloseTo(
    0.9 * capacityCurve(jobPlant(assumedFacts()).compressor.full).at(47),
    6,
  );
  expect(jobPlant(withFact(assumedFacts(), 'outdoorUnit.wTerminals', 'none')).temperingKW).toBe(0);
});
