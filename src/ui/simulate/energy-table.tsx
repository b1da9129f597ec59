import { backupOf } from '@/core/job/backup';
import type { Facts } from '@/core/job/document';
import { clockAt, dayAt } from '@/core/simulation/clock';
import { energyBySpan } from '@/core/simulation/day/energy-by-span';
import type { SimulatedDay } from '@/core/simulation/day/simulated-days';
import { FUEL_UNIT } from '@/core/units/constants';
import { Scroller } from '../kit/scroller';

/** Energy and cost by the hour, or by the day of a longer run, as a table. */
export const EnergyTable = ({ lived, facts }: { lived: SimulatedDay; facts: Facts }) => {
  const spans = energyBySpan(lived.run, lived.tariff);
  const isByDay = spans.length > 1 && spans[1]!.fromMin >= 1440;
  const isFossil = backupOf(facts) === 'fossil';
  const heads = [
    isByDay ? 'Day' : 'From',
    'Compressor and blower, kWh',
    isFossil ? `Furnace, ${FUEL_UNIT[facts.furnace.fuel]}s` : 'Strips, kWh',
    'Cost, $',
  ];
  return (
    <Scroller label="Energy and cost as a table">
      <table className="w-full font-mono text-sm">
        <thead>
          <tr className="text-right font-sans">
            {heads.map((head, at) => (
              <th key={head} scope="col" className={`eyebrow font-semibold ${at === 0 ? 'text-left' : ''}`}>
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {spans.map(({ fromMin, compressorKWh, stripsKWh, fuelUnits, dollars }) => (
            <tr key={fromMin} className="border-t border-line text-right">
              <th scope="row" className="py-0.5 text-left font-normal">
                {isByDay ? dayAt(fromMin) : clockAt(fromMin)}
              </th>
              <td>{compressorKWh.toFixed(2)}</td>
              <td>{isFossil ? fuelUnits.toFixed(3) : stripsKWh.toFixed(2)}</td>
              <td>{dollars.toFixed(2)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Scroller>
  );
};
