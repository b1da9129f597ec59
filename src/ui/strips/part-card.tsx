import type { PartPanel } from '@/core/strips/parts';
import { LocalizedDegrees } from '../degrees/degrees';
import { CautionSign } from '../stop-work/cautions';

/** A part of the ladder: purpose, failures, readings, cautions. */
export const PartCard = ({ panel }: { panel: PartPanel | null }) => {
  if (!panel)
    return (
      <p className="mb-4 text-sm text-quiet">
        Tap a part to see what it does, how it fails and what it reads. Tap an A circle to move the clamp.
      </p>
    );
  const lines = [
    ['How it fails', panel.fails],
    ['Power off', panel.cold],
    ['Live', panel.live],
  ] as const;
  return (
    <section aria-label="Part" className="mb-5 border-2 border-ink bg-sheet p-3">
      <h2 className="font-label text-xl font-semibold">{panel.title}</h2>
      <p className="text-sm">{panel.purpose}</p>
      <dl className="mt-2 space-y-1 text-sm">
        {lines.map(([term, words]) => (
          <div key={term} className="grid grid-cols-[3rem_1fr]">
            <dt className="font-semibold">{term}</dt>
            <dd>
              <LocalizedDegrees>{words}</LocalizedDegrees>
            </dd>
          </div>
        ))}
      </dl>
      <div className="mt-2">
        <CautionSign lines={[panel.caution]} />
      </div>
    </section>
  );
};
