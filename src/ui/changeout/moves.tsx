'use client';

import type { ChangeoutMove, ChangeoutMoveKind, MoveList } from '@/core/changeout/move-list';
import type { FactChange } from '@/core/job/document';
import { factValue, sameValue } from '@/core/job/document';
import { useJob } from '../job/provider';
import { INSULATION } from '../theme/wire-colors';

const KINDS: Record<ChangeoutMoveKind, string> = {
  stop: 'Stop',
  meter: 'Meter first',
  wait: 'Cap for now',
  land: 'Land',
  pull: 'Missing',
  'jumper-in': 'Jumper in',
  'jumper-out': 'Jumper out',
  cap: 'Cap',
  spare: 'Spare',
};

const Line = ({ move }: { move: ChangeoutMove }) => (
  <li className="grid grid-cols-[5.5rem_1fr] gap-x-2 border-b border-line py-1.5">
    <span className="font-label text-lg leading-tight font-semibold">
      {KINDS[move.kind]}
      {move.colour && (
        <span
          aria-hidden
          className="mt-0.5 block h-2 w-14 border border-line-strong"
          style={{ background: INSULATION[move.colour] }}
        />
      )}
    </span>
    <span>
      {move.words}
      {move.why && <span className="block text-sm text-quiet">{move.why}</span>}
    </span>
  </li>
);

/** From the old thermostat to the new, and back. */
export const Moves = ({ list, takes }: { list: MoveList; takes: readonly FactChange[] }) => {
  const facts = useJob((job) => job.facts);
  const setFacts = useJob((job) => job.setFacts);
  const isTaken = takes.length > 0 && takes.every(({ path, value }) => sameValue(factValue(facts, path), value));
  return (
    <>
      <section aria-labelledby="moves-title">
        <h2 id="moves-title" className="mb-1 section-head">
          Land on the new thermostat
        </h2>
        <ol aria-label="Moves">
          {list.moves.map((move) => (
            <Line key={move.id} move={move} />
          ))}
        </ol>
        {takes.length > 0 &&
          (isTaken ? (
            <p role="status" className="mt-2 text-quiet">
              The plan on Wiring now uses these conductors and colors.
            </p>
          ) : (
            <button type="button" className="strong-button mt-2" onClick={() => setFacts(takes)}>
              Use these conductors in the plan
            </button>
          ))}
      </section>
      <details className="border-y border-line">
        <summary className="min-h-11 cursor-pointer py-2 font-semibold">Put it back as it was</summary>
        <ol aria-label="Put it back as it was" className="list-decimal pb-2 pl-6">
          {list.back.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ol>
      </details>
    </>
  );
};
