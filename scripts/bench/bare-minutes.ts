import { capacityCurve, powerCurve } from '../../src/core/balance/heat-pump';
import { jobHeatPump } from '../../src/core/balance/job-heat-pump';
import { jobBanks } from '../../src/core/job/banks';
import type { Facts } from '../../src/core/job/document';
import { gainsShareAt } from '../../src/core/simulation/house/gains';
import { jobHouse } from '../../src/core/simulation/house/job-house';
import { BTU_PER_KWH } from '../../src/core/units/constants';

const MINUTES = 525_600;

/**
 * The yardstick: half a million minutes of the same house, compressor and strips in one loop over typed arrays, with
 * thermostat and frost written by hand and no wiring. It computes kWh only.
 */
export const bareMinutes = (facts: Facts, hoursF: Float64Array): number => {
  const house = jobHouse(facts);
  const heatPump = jobHeatPump(facts);
  const [heat, power] = [capacityCurve(heatPump), powerCurve(heatPump)];
  // Heat and power by tenths of a degree, from -40 °F.
  const table = Float64Array.from({ length: 2 * 1500 }, (_, at) => {
    const outdoorF = (at >> 1) / 10 - 40;
    return at % 2 === 0 ? heat.at(outdoorF) : Math.max(0, power.at(outdoorF));
  });
  const stripsBtuh = jobBanks(facts).reduce((sum, { kW }) => sum + kW, 0) * BTU_PER_KWH;
  const setpointF = facts.house.heatSetpointF;
  let [room, mass, coil, frost, kWh] = [setpointF, setpointF, 30, 0, 0];
  let [isOn, isAux, isDefrost, ran, offSince, defrostMin] = [false, false, false, 0, -100, 0];
  for (let minute = 0; minute < MINUTES; minute++) {
    const hour = (minute / 60) | 0;
    const share = minute / 60 - hour;
    const outdoorF = hoursF[hour]! + share * (hoursF[(hour + 1) % hoursF.length]! - hoursF[hour]!);
    const shortF = setpointF - room;
    if (!isOn && shortF >= 0.5 && minute - offSince >= 5) isOn = true;
    else if (isOn && shortF <= -0.5) {
      isOn = false;
      offSince = minute;
    }
    if (shortF >= 2) isAux = true;
    else if (shortF <= 0) isAux = false;
    const at = Math.max(0, Math.min(1499, Math.round((outdoorF + 40) * 10))) * 2;
    let btuh = 0;
    if (isOn) {
      if (isDefrost) {
        defrostMin++;
        coil += 4;
        frost = Math.max(0, frost - 0.6);
        btuh -= table[at]! * 0.5;
        if (coil >= 60 || defrostMin >= 10) isDefrost = false;
      } else {
        const rest = outdoorF - 12 * (1 + 0.8 * Math.min(1, frost / 4));
        coil = rest + (coil - rest) * 0.6;
        if (coil < 32) {
          frost += Math.max(0, Math.exp(outdoorF / 20) * 0.7 - Math.exp(coil / 20)) * 1e-3;
          ran++;
        }
        btuh += table[at]! * (1 - 0.25 * Math.min(1, frost / 4));
        if (ran >= 60) [isDefrost, ran, defrostMin] = [true, 0, 0];
      }
      kWh += table[at + 1]! / 60;
    }
    if (isAux || isDefrost) {
      btuh += stripsBtuh;
      kWh += stripsBtuh / BTU_PER_KWH / 60;
    }
    const q = btuh + house.gainsBtuh * gainsShareAt(minute);
    const flow = house.couplingBtuhPerF * (room - mass);
    room += (q - house.lossBtuhPerF * (room - outdoorF) - flow) / house.airBtuPerF / 60;
    mass += flow / house.massBtuPerF / 60;
  }
  return kWh;
};
