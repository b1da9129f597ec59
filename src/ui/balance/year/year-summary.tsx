import type { Year } from '@/core/balance/year/year-sums';

const whole = (value: number) => Math.round(value).toLocaleString('en-US');
const million = (btu: number) => (btu / 1e6).toFixed(1);

const Row = ({ label, heat, energy, tone }: { label: string; heat: number; energy: string; tone: string }) => (
  <tr className="border-b border-line">
    <th scope="row" className={`py-1.5 text-left font-medium ${tone}`}>
      {label}
    </th>
    <td className="text-right font-mono">{million(heat)}</td>
    <td className="pl-4 text-right font-mono font-semibold whitespace-nowrap">{energy}</td>
  </tr>
);

/** A year in one table: heat and energy by source, then hours and starts. */
export const YearSummary = ({ year, fuelUnit }: { year: Year; fuelUnit: string | null }) => (
  <div>
    <p className="font-mono">
      <span className="text-4xl font-semibold">${whole(year.cost)}</span>{' '}
      <span className="text-sm text-quiet">per year as set now</span>
    </p>
    <table className="mt-2 w-full text-sm">
      <thead>
        <tr>
          <th className="eyebrow text-left font-semibold">Source</th>
          <th className="eyebrow text-right font-semibold">Million Btu</th>
          <th className="eyebrow text-right font-semibold">Energy</th>
        </tr>
      </thead>
      <tbody>
        <Row label="Heat pump" heat={year.compressorBtu} energy={`${whole(year.compressorKWh)} kWh`} tone="text-pine" />
        {fuelUnit === null ? (
          <Row label="Strips" heat={year.stripsBtu} energy={`${whole(year.stripsKWh)} kWh`} tone="text-ember" />
        ) : (
          <Row
            label="Furnace"
            heat={year.fossilBtu}
            energy={`${whole(year.fuelUnits)} ${fuelUnit}s`}
            tone="text-plum"
          />
        )}
        {year.blowerKWh >= 0.5 && (
          <Row label="Blower (compressor off)" heat={0} energy={`${whole(year.blowerKWh)} kWh`} tone="" />
        )}
        {year.shortHours > 0 && <Row label="Shortfall" heat={year.shortBtu} energy="not given" tone="text-fail" />}
      </tbody>
    </table>
    <p className="mt-2 text-sm text-quiet">
      {whole(year.heatingHours)} hours of heat wanted;{' '}
      {fuelUnit === null
        ? `${whole(year.stripHours)} with strips, with or without the compressor`
        : `${whole(year.furnaceHours)} with the furnace`}
      ; {whole(year.shortHours)} short. About {whole(year.starts)} compressor starts.
      {year.temperingKWh > 0 && ` Strips in defrost use ${whole(year.temperingKWh)} kWh.`}
    </p>
  </div>
);
