'use client';

import { useMemo } from 'react';
import { CALLS, type Moment } from '@/core/control/moment';
import { colorName } from '@/core/wiring/harness';
import { powerReport } from '@/core/wiring/power';
import { useModel } from '../job/deferred-model';

const Line = ({ label, value, limit, isOver }: { label: string; value: string; limit: string; isOver: boolean }) => (
  <tr className="border-b border-line">
    <th scope="row" className="py-1.5 text-left font-normal">
      {label}
    </th>
    <td className="text-right font-mono font-semibold whitespace-nowrap">{value}</td>
    <td className="text-right text-sm text-quiet">{limit}</td>
    <td className="pl-2 text-sm">{isOver ? <b className="text-fail">over limit</b> : 'OK'}</td>
  </tr>
);

/** Transformer, fuse and cables in the heaviest call. */
export const PowerTable = ({ moment }: { moment: Moment }) => {
  const model = useModel();
  const report = useMemo(() => powerReport(model.facts, model.harness, model.states(moment)), [model, moment]);
  return (
    <section aria-label="VA and volts">
      <h2 className="mb-1 part-head">VA and volts</h2>
      <p className="mb-1 text-sm text-quiet">Heaviest call: {CALLS[report.call].label.toLowerCase()}.</p>
      <table className="w-full">
        <tbody>
          <Line
            label="Coils and boards"
            value={`${report.va.toFixed(1)} VA`}
            limit={`of ${report.transformerVA} VA`}
            isOver={report.va > report.transformerVA}
          />
          <Line
            label="Board fuse"
            value={`${(report.fuseOpenedAtAmps ?? report.amps).toFixed(2)} A`}
            limit={`of ${report.fuseAmps} A`}
            isOver={report.fuseOpenedAtAmps !== null || report.amps > report.fuseAmps}
          />
          <Line
            label="At the transformer"
            value={`${report.volts.toFixed(1)} V`}
            limit="21 to 28 V"
            isOver={report.volts < 21 || report.volts > 28}
          />
          {report.drops.map(({ cable, ohms, worst }) => (
            <Line
              key={cable.id}
              label={`${cable.label}: ${cable.gauge} AWG, ${cable.lengthFt} ft, ${ohms.toFixed(2)} Ω a conductor`}
              value={worst ? `${worst.volts.toFixed(2)} V` : '–'}
              limit={worst ? `dropped in ${colorName(worst.colour)}, ${worst.carries}` : 'no current'}
              isOver={worst !== null && worst.volts > 2}
            />
          ))}
        </tbody>
      </table>
    </section>
  );
};
