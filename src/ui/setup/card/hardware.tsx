import type { BankToBe, JumperToBe, SwitchToBe } from '@/core/setup/card/banks';

const Lever = ({ at }: { at: SwitchToBe['to'] }) => (
  <svg viewBox="0 0 28 52" width="28" height="52" aria-hidden>
    <rect
      x="2"
      y="2"
      width="24"
      height="48"
      rx="2"
      className="fill-[var(--sheet)] stroke-[var(--ink)]"
      strokeWidth="1.5"
    />
    {at === null ? (
      <text x="14" y="31" textAnchor="middle" className="fill-[var(--quiet)] font-mono text-[16px]">
        ?
      </text>
    ) : (
      <rect x="5" y={at === 'on' ? 5 : 26} width="18" height="21" rx="1.5" className="fill-[var(--ink)]" />
    )}
  </svg>
);

const words = ({ number, to, found, code }: SwitchToBe) =>
  `Switch ${number}${code ? `, ${code}` : ''}: ${to ?? 'leave as found'}${found !== null && found !== to ? `, found ${found}` : ''}`;

const Bank = ({ bank }: { bank: BankToBe }) => (
  <figure aria-label={bank.label} className="inline-block border-2 border-ink bg-paper p-2">
    <figcaption className="flex justify-between gap-6 font-label font-semibold">
      {bank.label} <span className="font-mono text-xs text-quiet">ON ↑</span>
    </figcaption>
    <ul className="mt-1 flex gap-1.5">
      {bank.switches.map((each) => (
        <li
          key={each.number}
          aria-label={words(each)}
          className={`flex flex-col items-center px-0.5 ${each.found !== null && each.found !== each.to ? 'bg-saffron-wash' : ''}`}
        >
          <Lever at={each.to} />
          <span className="font-mono text-sm">{each.number}</span>
          <span className="h-4 text-xs text-quiet">
            {each.found !== null && each.found !== each.to ? `was ${each.found}` : each.to === null ? 'leave' : ''}
          </span>
        </li>
      ))}
    </ul>
  </figure>
);

const Jumper = ({ block }: { block: JumperToBe }) => (
  <figure
    aria-label={`${block.label}: ${block.to ?? 'leave as found'}`}
    className="inline-block border-2 border-ink bg-paper p-2"
  >
    <figcaption className="font-label font-semibold">{block.label}</figcaption>
    <ul className="mt-1 flex gap-3">
      {block.pins.map((pin) => (
        <li
          key={pin}
          aria-label={`Pin ${pin}${pin === block.to ? ': jumper here' : ''}`}
          className="flex flex-col items-center"
        >
          <svg viewBox="0 0 24 52" width="24" height="52" aria-hidden>
            {pin === block.to && <rect x="3" y="4" width="18" height="44" rx="4" className="fill-[var(--ink)]" />}
            {[14, 38].map((y) => (
              <circle
                key={y}
                cx="12"
                cy={y}
                r="4.5"
                className="fill-[var(--saffron)] stroke-[var(--ink)]"
                strokeWidth="1.2"
              />
            ))}
          </svg>
          <span className="font-mono text-sm">{pin}</span>
          <span className="h-4 text-xs text-quiet">{pin === block.found && pin !== block.to ? 'was here' : ''}</span>
        </li>
      ))}
    </ul>
  </figure>
);

/** Switches and jumpers as they should be set; different found positions below. */
export const Hardware = ({ banks, jumpers }: { banks: readonly BankToBe[]; jumpers: readonly JumperToBe[] }) => (
  <section aria-label="Switch settings" className="my-4 flex flex-wrap gap-4">
    {jumpers.map((block) => (
      <Jumper key={block.id} block={block} />
    ))}
    {banks.map((bank) => (
      <Bank key={bank.id} bank={bank} />
    ))}
  </section>
);
