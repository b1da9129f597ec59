import { compressorFromF } from '../../src/core/balance/lockouts';
import { jobPlant, jobTariff } from '../../src/core/balance/year/from-job';
import type { Facts } from '../../src/core/job/document';
import { factsUnder } from '../../src/core/setup/ways/apply';
import type { LockoutPlan } from '../../src/core/setup/ways/way';
import { BTU_PER_KWH } from '../../src/core/units/constants';

/**
 * The yardstick: the same hours and arithmetic for a single-stage unit with strips in one loop over typed arrays, with
 * capacity and power looked up by hand. It computes cost only.
 */
export const bareYears = (facts: Facts, ways: readonly LockoutPlan[], hoursF: Float64Array): number[] =>
  [facts, ...ways.map((way) => factsUnder(facts, way))].map((under) => {
    const { load, compressor, banksKW, gates, stripsHelp, defrost, temperingKW, blowerKW } = jobPlant(under);
    const { electricPerKWh } = jobTariff(under);
    const points = [...compressor.full.points].sort((a, b) => a.outdoorF - b.outdoorF);
    const line = (of: 'btuh' | 'kW', atF: number) => {
      let upper = 1;
      while (upper < points.length - 1 && atF > points[upper]!.outdoorF) upper++;
      const [low, high] = [points[upper - 1]!, points[upper]!];
      return low[of] + ((high[of] - low[of]) * (atF - low.outdoorF)) / (high.outdoorF - low.outdoorF);
    };
    const frosted = (of: 'btuh' | 'kW', share: number) => {
      const at17 = line(of, 17);
      const at35 = share * (at17 + ((line(of, 47) - at17) * 18) / 30);
      return Float64Array.of(at17, (at35 - at17) / 18, at35, (line(of, 45) - at35) / 10);
    };
    const [heatFrost, powerFrost] = [frosted('btuh', 0.9), frosted('kW', 0.985)];
    const value = (of: 'btuh' | 'kW', frost: Float64Array, atF: number) => {
      if (!compressor.full.frost || atF <= 17 || atF >= 45) return line(of, atF);
      return atF <= 35 ? frost[0]! + frost[1]! * (atF - 17) : frost[2]! + frost[3]! * (atF - 35);
    };
    const fromF = compressorFromF(gates, compressor.full.minOutdoorF);
    const allBtuh = banksKW.reduce((sum, kW) => sum + kW * BTU_PER_KWH, 0);
    const auxAboveF = gates.auxAboveF ?? Infinity;
    let kWh = 0;
    for (let at = 0; at < hoursF.length; at++) {
      const outdoorF = hoursF[at]!;
      if (outdoorF >= load.noLoadF) continue;
      const loadBtuh = (load.designBtuh * (load.noLoadF - outdoorF)) / (load.noLoadF - load.designOutdoorF);
      const can = outdoorF >= fromF ? Math.max(0, value('btuh', heatFrost, outdoorF)) : 0;
      const frost = outdoorF <= 17 || outdoorF >= 45 ? 0 : outdoorF <= 35 ? (outdoorF - 17) / 18 : (45 - outdoorF) / 10;
      const share = temperingKW > 0 ? defrost.share * (defrost.follows === 'frost' ? frost : outdoorF < 44 ? 1 : 0) : 0;
      const temper = can > 0 ? Math.min(loadBtuh, share * Math.min(1, loadBtuh / can) * temperingKW * BTU_PER_KWH) : 0;
      const wanted = Math.min(can, loadBtuh - temper);
      if (can > 0 && wanted > 0) {
        const run = wanted / can;
        const kW = value('kW', powerFrost, outdoorF);
        const isBeyond = outdoorF < points[0]!.outdoorF || outdoorF > points.at(-1)!.outdoorF;
        kWh += ((isBeyond ? Math.min(kW, can / BTU_PER_KWH) : kW) * run) / (1 - compressor.cyclingLoss * (1 - run));
      }
      const open = (stripsHelp || outdoorF < fromF) && outdoorF <= auxAboveF ? allBtuh : 0;
      const help = Math.min(open, loadBtuh - temper - wanted);
      kWh += (temper + help) / BTU_PER_KWH + (can > 0 || open === 0 ? 0 : (help / open) * blowerKW);
    }
    return kWh * electricPerKWh;
  });
