'use client';

import { AIRFLOW_METHODS, type AirflowSeen } from '@/core/startup/airflow-seen';
import { LocalizedDegrees } from '../degrees/degrees';
import { Why } from '../kit/why';

/** Airflow from every source, side by side. */
export const AirflowLines = ({ airflows }: { airflows: readonly AirflowSeen[] }) => (
  <table aria-label="Airflow" className="mt-3 w-full max-w-lg border-y border-line-strong text-sm">
    <tbody>
      {airflows.map(({ way, cfm, sum }) => (
        <tr key={way} className="border-t border-line first:border-0">
          <th scope="row" className="py-1.5 text-left font-normal">
            {AIRFLOW_METHODS[way]}{' '}
            <Why label="how">
              <LocalizedDegrees>{sum}</LocalizedDegrees>
            </Why>
          </th>
          <td className="text-right whitespace-nowrap">
            <b className="font-mono text-lg">{Math.round(cfm).toLocaleString('en-US')}</b> CFM
          </td>
        </tr>
      ))}
    </tbody>
  </table>
);
