'use client';

import type { PanelLabel } from '@/core/label/panel-label';
import { useDegrees } from '../degrees/degrees';
import { Qr } from './qr';

const TITLE = 'mt-1.5 border-b border-black text-[7.5pt] font-semibold uppercase';

const Lines = ({ title, lines }: { title: string; lines: readonly string[] }) => {
  const { say } = useDegrees();
  return (
    lines.length > 0 && (
      <section>
        <h3 className={TITLE}>{title}</h3>
        <ul>
          {lines.map((line) => (
            <li key={line}>{say(line)}</li>
          ))}
        </ul>
      </section>
    )
  );
};

/** The panel-door label: 70 mm wide, black on white in any theme. */
export const LabelSheet = ({ label }: { label: PanelLabel }) => (
  <article
    aria-label="Label"
    className="mx-auto w-[70mm] border border-black bg-white p-[2.5mm] font-label text-[8.5pt] leading-tight text-black print:mx-0"
  >
    <h2 className="flex justify-between text-[11pt] font-semibold">
      <span>Heat pump, as left</span>
      <span>{label.on}</span>
    </h2>
    <Lines title="Lockouts" lines={label.gates} />
    <Lines title="Thermostat conductors" lines={label.terminals} />
    <Lines title="Other conductors" lines={label.beyond} />
    <Lines title="Jumpers" lines={label.jumpers} />
    <section>
      <h3 className={TITLE}>Hot at the thermostat, by call</h3>
      <ul>
        {label.calls.map(({ call, hot, reads }) => (
          <li key={call} className="flex gap-1.5">
            <span className="w-[17mm] shrink-0">{call}</span>
            <span className="flex-1 font-semibold whitespace-nowrap">{hot || 'nothing'}</span>
            {reads && <span className="text-right">{reads}</span>}
          </li>
        ))}
      </ul>
    </section>
    <Lines title="Switches and settings" lines={label.positions} />
    <Qr text={label.code} label="Code of the label" className="mt-1 w-full" />
    <p className="text-[6.5pt]">
      The code holds system facts only, no names. The unit’s own label, local code and licensed practice come first.
    </p>
  </article>
);
