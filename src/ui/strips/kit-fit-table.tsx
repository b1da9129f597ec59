'use client';

import Link from 'next/link';
import { memo } from 'react';
import { balanceAt } from '@/core/balance/from-job';
import { kitFit } from '@/core/strips/belongs';
import { useDegrees } from '../degrees/degrees';
import { GradeMark } from '../findings/grade-mark';
import { useJob } from '../job/provider';
import { useDebouncedMoment } from '../job/use-debounced-moment';

const Judged = ({
  is,
  yes,
  no,
  unknown,
  fact,
}: {
  is: boolean | null;
  yes: string;
  no: string;
  unknown: string;
  fact: string;
}) => {
  const id = useJob((job) => job.saved.id);
  return (
    <li className="flex min-h-9 items-center gap-2 border-b border-line py-1">
      <GradeMark grade={is === null ? 'open' : is ? 'pass' : 'fail'} />
      <span>{is === null ? unknown : is ? yes : no}</span>
      {is === null && (
        <Link href={`/jobs/${id}/survey#${fact}`} className="bare-button px-1 text-sm text-link">
          Enter it
        </Link>
      )}
    </li>
  );
};

/** Whether the kit belongs in its air handler: label, airflow, supply temperature by stage, breakers and conductors. */
export const KitFitTable = memo(function KitFitTable({ volts }: { volts: number }) {
  const facts = useJob((job) => job.facts);
  const moment = useDebouncedMoment();
  const { text } = useDegrees();
  const fit = kitFit(facts, balanceAt(facts, moment.outdoorF).heatPumpBtuh, moment.indoorF, volts);
  const { auxCfm, allowedKitsKW, maxSupplyF } = facts.airHandler;
  const { minCfm } = facts.heatKit;
  const hottest = fit.stages.at(-1);
  return (
    <section aria-label="Does it belong">
      <h2 className="mb-1 section-head">Is this kit right for this unit?</h2>
      <ul>
        <Judged
          is={fit.isAllowed}
          yes={`${fit.totalKW.toFixed(1)} kW is listed for this air handler.`}
          no={`${fit.totalKW.toFixed(1)} kW is not listed. Listed: ${allowedKitsKW.join(', ')} kW.`}
          unknown="The listed kits are not entered."
          fact="airHandler.allowedKitsKW"
        />
        <Judged
          is={fit.hasAir}
          yes={`${auxCfm} CFM; at least ${minCfm} needed.`}
          no={`${auxCfm} CFM is less than the ${minCfm} CFM that the kit needs.`}
          unknown=""
          fact="heatKit.minCfm"
        />
        <Judged
          is={hottest?.isWithinLimit ?? null}
          yes={`Supply air stays within ${text(maxSupplyF!)}.`}
          no={`Supply air exceeds the label’s ${text(maxSupplyF!)} at ${text(moment.outdoorF)} outside.`}
          unknown="The label’s maximum supply temperature is not entered."
          fact="airHandler.maxSupplyF"
        />
      </ul>
      <table className="mt-3 w-full text-sm">
        <thead>
          <tr className="text-left font-label text-base">
            <th scope="col">Stage</th>
            <th scope="col" className="text-right">
              kW
            </th>
            <th scope="col" className="text-right">
              alone
            </th>
            <th scope="col" className="text-right">
              with the heat pump
            </th>
          </tr>
        </thead>
        <tbody>
          {fit.stages.map((stage) => (
            <tr key={stage.banks.length} className="border-t border-line">
              <th scope="row" className="text-left font-normal">
                Bank {stage.banks.join(' + ')}
              </th>
              <td className="text-right font-mono">{stage.kW.toFixed(1)}</td>
              <td className="text-right font-mono">{text(stage.aloneF, 0)}</td>
              <td className="text-right font-mono">{text(stage.withHeatPumpF, 0)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-xs text-quiet">
        Supply air from a room of {text(moment.indoorF)}, {text(moment.outdoorF)} out, {auxCfm} CFM,{' '}
        {facts.site.elevationFt.toLocaleString('en-US')} ft.
      </p>
      <table className="mt-3 w-full text-sm">
        <thead>
          <tr className="text-left font-label text-base">
            <th scope="col">Circuit</th>
            <th scope="col" className="text-right">
              load
            </th>
            <th scope="col" className="text-right">
              × 125 %
            </th>
            <th scope="col" className="text-right">
              breaker: needed, found
            </th>
            <th scope="col" className="text-right">
              copper: needed, found
            </th>
          </tr>
        </thead>
        <tbody>
          {fit.circuits.map((circuit) => (
            <tr key={circuit.at} className="border-t border-line">
              <th scope="row" className="text-left font-normal">
                {circuit.at + 1}
              </th>
              <td className="text-right font-mono">{circuit.loadAmps.toFixed(1)} A</td>
              <td className="text-right font-mono">{circuit.minCircuitAmps.toFixed(1)} A</td>
              <td className="text-right font-mono">
                {circuit.needsBreakerAmps ?? 'none'} A,{' '}
                {circuit.foundBreakerAmps === null ? '?' : `${circuit.foundBreakerAmps} A`}
              </td>
              <td className="text-right font-mono">
                {circuit.needsAwg ?? 'none'} AWG, {circuit.foundAwg === null ? '?' : circuit.foundAwg}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-xs text-quiet">
        Copper at 60 °C terminations. Circuits are for licensed electricians; local code and the kit label govern.
      </p>
    </section>
  );
});
