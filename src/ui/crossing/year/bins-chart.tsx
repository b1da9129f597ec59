import type { Year, YearBin } from '@/core/crossing/year/year';
import { SOURCE_COLOUR } from '../../sources';
import { valueTicks } from '../plot';

const MILLION = 1e6;

const PARTS = [
  { key: 'compressorBtu', label: 'heat pump', colour: SOURCE_COLOUR.compressor, pattern: '' },
  { key: 'stripsBtu', label: 'strips', colour: SOURCE_COLOUR.strips, pattern: '' },
  { key: 'fossilBtu', label: 'furnace', colour: SOURCE_COLOUR.fossil, pattern: '' },
  { key: 'shortBtu', label: 'short', colour: '', pattern: 'hatched border border-fail' },
] as const;

const spoken = (bin: YearBin) =>
  `${bin.fromF} to ${bin.toF} °F: ${bin.hours} hours; ${PARTS.filter(({ key }) => bin[key] > 0)
    .map(({ key, label }) => `${label} ${(bin[key] / MILLION).toFixed(1)}`)
    .join(', ')} million Btu; ${bin.cost.toFixed(0)} $`;

/** Heat of a year by outdoor temperature, each bin a column of its sources; its hours under it. */
export const BinsChart = ({ year }: { year: Year }) => {
  const bins = year.bins.filter(({ loadBtu }) => loadBtu > 0);
  const most = 1.08 * Math.max(...bins.map(({ loadBtu }) => loadBtu));
  const shown = PARTS.filter(({ key }) => bins.some((bin) => bin[key] > 1));
  return (
    <figure aria-label="Heat of a year by outdoor temperature">
      <figcaption className="flex flex-wrap gap-x-4 text-sm">
        <span className="text-quiet">Million Btu by outdoor temperature</span>
        {shown.map(({ key, label, colour, pattern }) => (
          <span key={key} className="flex items-center gap-1.5">
            <span className={`inline-block size-3.5 ${pattern}`} style={{ background: colour || undefined }} />
            {label}
          </span>
        ))}
      </figcaption>
      <div className="grid grid-cols-[2.5rem_minmax(0,1fr)]">
        <div className="relative font-mono text-xs text-quiet">
          {valueTicks(most / MILLION).map((tick) => (
            <span
              key={tick}
              className="absolute right-2 -translate-y-1/2"
              style={{ top: `${100 * (1 - (tick * MILLION) / most)}%` }}
            >
              {tick}
            </span>
          ))}
        </div>
        <ol className="flex h-56 items-end gap-px border-b border-ink">
          {bins.map((bin) => (
            <li
              key={bin.fromF}
              title={spoken(bin)}
              aria-label={spoken(bin)}
              className="flex h-full min-w-0 flex-1 flex-col justify-end"
            >
              {[...shown].reverse().map(({ key, colour, pattern }) => (
                <span
                  key={key}
                  className={pattern}
                  style={{ height: `${(100 * bin[key]) / most}%`, background: colour || undefined }}
                />
              ))}
            </li>
          ))}
        </ol>
        <span />
        <ol aria-hidden className="flex gap-px overflow-hidden font-mono text-xs text-quiet">
          {bins.map(({ fromF }) => (
            <li key={fromF} className="min-w-0 flex-1 text-center">
              {fromF % 10 === 0 ? fromF : ''}
            </li>
          ))}
        </ol>
        <span className="pt-1 text-right text-xs text-quiet max-sm:hidden">h</span>
        <ol aria-hidden className="flex gap-px pt-1 font-mono text-[10px] text-quiet max-sm:hidden">
          {bins.map(({ fromF, hours }) => (
            <li key={fromF} className="min-w-0 flex-1 text-center">
              {Math.round(hours)}
            </li>
          ))}
        </ol>
      </div>
    </figure>
  );
};
