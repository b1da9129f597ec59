'use client';

import { memo } from 'react';
import { jobBanks } from '@/core/job/banks';
import { kitRows } from '@/core/job/kit-rows';
import { observedNow } from '@/core/model/observation-key';
import { handsOut, supplyStates } from '@/core/startup/energy';
import type { PlannedItem } from '@/core/startup/planned';
import { plannedOhms } from '@/core/startup/steps/element-ohms';
import { jobKit } from '@/core/strips/from-job';
import { ohmsItem } from '@/core/strips/measured';
import { LocalizedDegrees } from '../degrees/degrees';
import { NumberBox } from '../fields/number-box';
import { GradeMark } from '../findings/grade-mark';
import { useJob } from '../job/provider';
import { useSaveReading } from '../job/use-save-reading';

const OhmsField = ({ element, planned }: { element: number; planned: PlannedItem }) => {
  const keep = useSaveReading(ohmsItem(element));
  const value = planned.reading?.value;
  const verdict = planned.verdict;
  if (planned.heldShut)
    return (
      <span className="font-mono" title={planned.heldShut}>
        {value === undefined ? 'live' : String(value)}
      </span>
    );
  return (
    <>
      <NumberBox
        name={ohmsItem(element)}
        label={`Ohms read, element ${element + 1}`}
        hidesLabel
        value={typeof value === 'number' || value === 'OL' ? value : null}
        none="read"
        unit="Ω"
        step={0.1}
        min={0}
        max={100_000}
        takesOpen
        check={(ohms) =>
          ohms === 0 ? 'Zero ohms means a dead short or touching probes: lift one end and read again.' : null
        }
        onCommit={(ohms) => ohms !== null && ohms !== value && keep(ohms)}
      />
      {verdict && (
        <span className="flex items-baseline gap-1 text-xs">
          <GradeMark grade={verdict.grade} size={14} /> <LocalizedDegrees>{verdict.means}</LocalizedDegrees>
        </span>
      )}
    </>
  );
};

/**
 * Expected readings of each element, bank and the whole at a supply, cold and hot; cold ohms are entered next to them.
 */
export const ExpectedTable = memo(function ExpectedTable({ volts }: { volts: number }) {
  const facts = useJob((job) => job.facts);
  const readings = useJob((job) => job.readings);
  const kit = jobKit(facts, volts);
  const current = observedNow(facts, readings);
  const states = supplyStates(facts, readings);
  const shut = handsOut(facts, states, 'indoor');
  return (
    <section aria-label="Expected readings">
      <h2 className="mb-1 section-head">Expected at {volts} V</h2>
      {shut && <p className="text-sm font-semibold text-fail">Before reading ohms: {shut}</p>}
      <table className="w-full text-sm">
        <thead>
          <tr className="text-left font-label text-base">
            <th scope="col">Element</th>
            <th scope="col" className="text-right">
              cold Ω
            </th>
            <th scope="col" className="w-40 pl-2">
              read
            </th>
            <th scope="col" className="text-right">
              hot A
            </th>
            <th scope="col" className="text-right">
              kW
            </th>
          </tr>
        </thead>
        <tbody>
          {kit.elements.map((element, at) => (
            <tr key={at} className="border-t border-line">
              <th scope="row" className="text-left font-normal">
                {at + 1} · bank {kitRows(facts)[at]!.bank}
              </th>
              <td className="text-right font-mono">{element.ohms.toFixed(1)}</td>
              <td className="py-1 pl-2">
                <OhmsField planned={plannedOhms(facts, at, current, states)} element={at} />
              </td>
              <td className="text-right font-mono">{element.amps.toFixed(1)}</td>
              <td className="text-right font-mono">{element.kW.toFixed(2)}</td>
            </tr>
          ))}
          {jobBanks(facts).map(({ bank }) => {
            const members = kit.elements.filter((_, at) => kitRows(facts)[at]!.bank === bank);
            return (
              <tr key={bank} className="border-t border-line">
                <th scope="row" colSpan={3} className="text-left font-medium">
                  Bank {bank}
                </th>
                <td className="text-right font-mono">{members.reduce((sum, { amps }) => sum + amps, 0).toFixed(1)}</td>
                <td className="text-right font-mono">{members.reduce((sum, { kW }) => sum + kW, 0).toFixed(2)}</td>
              </tr>
            );
          })}
          <tr className="border-t-2 border-ink font-semibold">
            <th scope="row" colSpan={3} className="text-left">
              All elements
            </th>
            <td className="text-right font-mono">{kit.heaterAmps.toFixed(1)}</td>
            <td className="text-right font-mono">{kit.deliveredKW.toFixed(2)}</td>
          </tr>
          <tr className="border-t border-line">
            <th scope="row" colSpan={3} className="text-left">
              With the blower
            </th>
            <td className="text-right font-mono">{kit.atMainAmps.toFixed(1)}</td>
            <td />
          </tr>
        </tbody>
      </table>
    </section>
  );
});
