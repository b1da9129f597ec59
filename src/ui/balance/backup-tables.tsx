'use client';

import type { BackupNeed, BankStage } from '@/core/balance/backup-need';
import type { PriceCell } from '@/core/balance/price-table';
import { BTU_PER_KWH } from '@/core/units/constants';
import type { Degrees } from '@/core/units/degrees';
import { roundTo } from '@/core/units/round';
import { LocalizedDegrees, useDegrees } from '../degrees/degrees';
import { Scroller } from '../kit/scroller';

const kW = (value: number) => roundTo(value, 1).toFixed(1);
const kBtuh = (value: number) => roundTo((value * BTU_PER_KWH) / 1000, 1).toFixed(1);

/** Required backup, and the listed kit that provides it. */
export const NeedTable = ({
  needs,
  hasList,
  hasFurnace,
}: {
  needs: readonly BackupNeed[];
  hasList: boolean;
  hasFurnace: boolean;
}) => {
  // A furnace is rated in Btu/h, a heat kit in kW.
  const [figure, unit] = hasFurnace ? [kBtuh, 'kBtu/h'] : [kW, 'kW'];
  return (
    <table className="w-full">
      <thead>
        <tr className="text-left">
          <th className="eyebrow font-semibold">Backup needed</th>
          <th className="eyebrow text-right font-semibold">{unit}</th>
          {!hasFurnace && <th className="eyebrow text-right font-semibold">Smallest listed kit</th>}
          <th className="eyebrow pl-3 font-semibold">{hasFurnace ? 'The furnace' : 'Installed kit'}</th>
        </tr>
      </thead>
      <tbody>
        {needs.map(({ id, label, why, kW: need, highKW, kitKW, isMet }) => (
          <tr key={id} className="border-b border-line align-top">
            <th scope="row" className="py-1.5 text-left font-normal">
              {label}
              <span className="block text-sm text-quiet">
                <LocalizedDegrees>{why}</LocalizedDegrees>
              </span>
            </th>
            <td className="pt-1.5 text-right font-mono whitespace-nowrap">
              <span className="font-semibold">{figure(need)}</span>
              {highKW > need && <span className="block text-xs text-quiet">up to {figure(highKW)}</span>}
            </td>
            {!hasFurnace && (
              <td className="pt-1.5 text-right font-mono">
                {kitKW === null ? (hasList ? 'none' : '–') : `${kitKW} kW`}
              </td>
            )}
            <td className={`pt-1.5 pl-3 text-sm ${isMet ? '' : 'font-semibold text-fail'}`}>
              {isMet ? 'is enough' : 'is too small'}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
};

/** Temperature below which each bank is needed. */
export const BankTable = ({ banks }: { banks: readonly BankStage[] }) => {
  const degrees = useDegrees();
  return (
    <table className="w-full">
      <thead>
        <tr className="text-left">
          <th className="eyebrow font-semibold">Bank</th>
          <th className="eyebrow text-right font-semibold">kW</th>
          <th className="eyebrow text-right font-semibold">Needed below</th>
          <th className="eyebrow text-right font-semibold">Outdoor thermostat setting</th>
        </tr>
      </thead>
      <tbody>
        {banks.map(({ bank, kW: size, neededBelowF, dialF }) => (
          <tr key={bank} className="border-b border-line">
            <th scope="row" className="py-1.5 text-left font-normal">
              Bank {bank}
            </th>
            <td className="text-right font-mono">{kW(size)}</td>
            <td className="text-right font-mono font-semibold">
              {neededBelowF === null ? 'never' : degrees.text(neededBelowF, 0)}
            </td>
            <td className="text-right font-mono">{dialF === null ? '–' : degrees.text(dialF)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
};

const balanceWords = ({ balanceF, isDrawnOn }: PriceCell, { figure }: Degrees) =>
  typeof balanceF === 'number' ? `${figure(balanceF, 0)}°${isDrawnOn ? '*' : ''}` : balanceF;

/** Break-even of fuel and electricity, price against price. */
export const PriceTable = ({ table, unit }: { table: readonly (readonly PriceCell[])[]; unit: string }) => {
  const degrees = useDegrees();
  return (
    <Scroller label="Economic balance point by fuel and electric price">
      <table className="w-full min-w-96 font-mono text-sm">
        <caption className="pb-1 text-left font-sans text-sm text-quiet">
          Economic balance point, {degrees.unit} outside: below it the furnace is cheaper. Rows: electric price;
          columns: fuel price ($ per {unit}).
          {table.some((row) => row.some(({ isDrawnOn }) => isDrawnOn)) && ' * Extrapolated beyond the rating points.'}
        </caption>
        <thead>
          <tr>
            <th className="text-left font-normal text-quiet">$/kWh</th>
            {table[0]?.map(({ fuelPerUnit }) => (
              <th key={fuelPerUnit} scope="col" className="text-right font-normal text-quiet">
                {fuelPerUnit}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.map((row) => (
            <tr key={row[0]!.electricPerKWh} className="border-t border-line">
              <th scope="row" className="py-1.5 text-left font-normal text-quiet">
                {row[0]!.electricPerKWh}
              </th>
              {row.map((cell) => (
                <td
                  key={cell.fuelPerUnit}
                  className={`text-right ${cell.isToday ? 'bg-ink font-semibold text-paper' : ''}`}
                >
                  <span className="px-1">{balanceWords(cell, degrees)}</span>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Scroller>
  );
};
