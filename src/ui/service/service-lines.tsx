'use client';

import { FULL_VA, REST_SHARE } from '@/core/service/demand';
import type { ServiceLoad } from '@/core/service/service-load';

const kVA = (va: number) => `${(va / 1000).toFixed(2)} kVA`;

const Row = ({ label, how, va, isSum = false }: { label: string; how?: string; va: number; isSum?: boolean }) => (
  <tr className={`border-b align-top ${isSum ? 'border-ink font-semibold' : 'border-line'}`}>
    <th scope="row" className={`py-1 pr-3 text-left ${isSum ? '' : 'font-normal'}`}>
      {label}
      {how && <span className="block text-sm font-normal text-quiet">{how}</span>}
    </th>
    <td className="py-1 text-right font-mono whitespace-nowrap">{kVA(va)}</td>
  </tr>
);

/** The service calculation by line, with everything on. */
export const ServiceLines = ({ load }: { load: ServiceLoad }) => {
  const [all] = load.states;
  const over = Math.max(0, load.otherVA - FULL_VA);
  return (
    <section aria-labelledby="lines-title">
      <h3 id="lines-title" className="font-label text-xl font-semibold">
        Line by line
      </h3>
      <table className="w-full">
        <caption className="text-left text-sm text-quiet">
          NEC 220.83(B), existing dwelling adding heating or cooling: the larger of the two at 100 %.
        </caption>
        <tbody>
          {load.other.map(({ label, how, va }, at) => (
            <Row key={`${at} ${label}`} label={label} how={how} va={va} />
          ))}
          <Row label="Other load, connected" va={load.otherVA} isSum />
          <Row label="First 8 kVA of it" how="at 100 %" va={load.otherVA - over} />
          <Row label="Remainder over 8 kVA" how={`${kVA(over)} × ${REST_SHARE * 100} %`} va={REST_SHARE * over} />
          {all!.heatVA > 0 && <Row label="Strips" how="at 100 %" va={all!.heatVA} />}
          <Row label="Compressor and blower" how="at 100 %" va={all!.motorVA} />
          <Row
            label="Everything together"
            how={`÷ ${load.volts} V = ${all!.amps.toFixed(1)} A`}
            va={all!.totalVA}
            isSum
          />
        </tbody>
      </table>
    </section>
  );
};
