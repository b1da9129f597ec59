import type { HandoverRecord } from '@/core/handover/record';

const List = ({ title, lines }: { title: string; lines: readonly string[] }) => (
  <section className="break-inside-avoid">
    <h4 className="mt-1 font-label text-sm font-semibold print:mt-0.5 print:text-[7.5pt] print:leading-none">
      {title}
    </h4>
    <ul>
      {lines.map((line) => (
        <li key={line} className="border-b border-line">
          {line}
        </li>
      ))}
    </ul>
  </section>
);

/** The old thermostat as it was, for going back, and what was done with it. */
export const RecordChangeout = ({ changeout }: HandoverRecord) =>
  changeout && (
    <div className="gap-6 text-xs sm:columns-2 print:gap-4 print:text-[6.4pt] print:leading-[1.02]">
      <List title="As it was" lines={changeout.was} />
      <List title="Work done" lines={changeout.moves} />
    </div>
  );
