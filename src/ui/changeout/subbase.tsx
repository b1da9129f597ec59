'use client';

import { Plus } from 'lucide-react';
import { useState } from 'react';
import { COILED_BACK } from '@/core/changeout/old-wiring';
import type { IdentifiedConductor } from '@/core/changeout/understood';
import type { OldConductorRow } from '@/core/job/facts/changeout';
import { colorName, isWireColor } from '@/core/wiring/harness';
import { landingOf, THERMOSTAT_FUNCTIONS } from '@/core/wiring/thermostat-functions';
import { INSULATION } from '../theme/wire-colors';
import { ConductorDialog } from './conductor-dialog';
import { useOldWiring } from './use-old-wiring';

/** A conductor from the wall opening to its terminal; an empty terminal if there is none. */
const Screw = ({ colour }: { colour: string | null }) => (
  <svg viewBox="0 0 84 32" className="h-8 w-21 shrink-0" aria-hidden>
    {colour !== null && isWireColor(colour) && (
      <path d="M0 16h58" stroke="var(--ink)" strokeWidth="9" className="[paint-order:stroke]" />
    )}
    {colour !== null && isWireColor(colour) && <path d="M0 16h58" stroke={INSULATION[colour]} strokeWidth="7" />}
    <circle cx="68" cy="16" r="12" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.5" />
    <path d="M61 21 75 11" stroke="var(--ink)" strokeWidth="2.5" />
  </svg>
);

const doesWords = ({ does, isProved, isValveModeSeen }: IdentifiedConductor): string => {
  if (does === null) return 'Not known yet';
  const words =
    landingOf(does) === 'valve' && !isValveModeSeen
      ? 'Reversing valve, O or B not confirmed'
      : THERMOSTAT_FUNCTIONS[does];
  return isProved ? words : `${words}, by letter only`;
};

const otherEnd = ({ board }: OldConductorRow) => {
  if (board === '') return 'other end not seen';
  return board === COILED_BACK ? 'coiled back' : `other end ${board}`;
};

const Row = ({ known, onOpen }: { known: IdentifiedConductor; onOpen: () => void }) => {
  const { row } = known;
  return (
    <li className="border-b border-line last:border-0">
      <button type="button" onClick={onOpen} className="flex min-h-14 w-full items-center gap-2 py-1 text-left">
        <Screw colour={row.colour} />
        <span className="w-12 shrink-0 part-head">{row.letter || '–'}</span>
        <span className="min-w-0 flex-1">
          <span className={`block leading-tight ${known.does === null ? 'text-quiet' : 'font-semibold'}`}>
            {doesWords(known)}
          </span>
          <span className="block text-sm text-quiet">
            {colorName(row.colour)}, {otherEnd(row)}
          </span>
        </span>
      </button>
    </li>
  );
};

/** The old subbase: a terminal per conductor, each with its known function. Tap to open. */
export const Subbase = ({ known }: { known: readonly IdentifiedConductor[] }) => {
  const { rows, setRows } = useOldWiring();
  const [open, setOpen] = useState<number | null>(null);
  const isNew = open === rows.length;
  return (
    <section aria-labelledby="subbase-title">
      <h2 id="subbase-title" className="part-head">
        On the old subbase
      </h2>
      <div className="mt-1 rounded-md border-2 border-ink bg-sheet px-2">
        <ul aria-label="Conductors on the old subbase">
          {known.map((each, at) => (
            <Row key={`${at} ${each.row.colour}`} known={each} onOpen={() => setOpen(at)} />
          ))}
          <li>
            <button
              type="button"
              onClick={() => setOpen(rows.length)}
              className="flex min-h-14 w-full items-center gap-2 py-1 text-left"
            >
              <Screw colour={null} />
              <Plus size={20} aria-hidden />
              <span>{rows.length === 0 ? 'First conductor' : 'Next conductor'}</span>
            </button>
          </li>
        </ul>
      </div>
      {open !== null && (
        <ConductorDialog
          key={open}
          row={rows[open] ?? null}
          taken={rows.filter((_, at) => at !== open)}
          onKeep={(row, goOn) => {
            setRows(isNew ? [...rows, row] : rows.map((each, at) => (at === open ? row : each)));
            setOpen(goOn ? open + 1 : null);
          }}
          onTakeOff={() => {
            setRows(rows.filter((_, at) => at !== open));
            setOpen(null);
          }}
          onClose={() => setOpen(null)}
        />
      )}
    </section>
  );
};
