import type { HandoverRecord } from '@/core/handover/record';
import { Scroller } from '../kit/scroller';

/** Volts at each terminal to its common in each call, as printed. */
export const RecordTerminals = ({ calls, terminals }: HandoverRecord) => (
  <Scroller label="Volts at the terminals">
    <table className="w-full border-collapse text-sm print:text-[6.6pt] print:leading-[1.05]">
      <thead>
        <tr className="border-b-2 border-ink text-left align-bottom">
          {['Terminal to C', ...calls].map((title, at) => (
            <th
              key={title}
              scope="col"
              className={`py-1 font-label text-base font-semibold print:py-0 print:text-[8pt] ${at === 0 ? 'pr-2' : 'px-1.5 text-right'}`}
            >
              {title}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {terminals.map(({ device, mark, volts }) => (
          <tr key={device + mark} className="border-b border-line">
            <th scope="row" className="py-1 pr-2 text-left font-normal whitespace-nowrap print:py-0">
              {device} <b className="font-label text-base print:text-[8pt] print:leading-none">{mark}</b>
            </th>
            {volts.map((value, at) => (
              <td
                key={calls[at]}
                className={`px-1.5 text-right font-mono ${value === null ? 'text-quiet' : 'font-semibold'}`}
              >
                {value === null ? '0' : <span className="border-b-[3px] border-saffron print:border-b">{value}</span>}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  </Scroller>
);
