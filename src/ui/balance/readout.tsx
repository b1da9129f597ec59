'use client';

import { useMemo } from 'react';
import { atMoment } from '@/core/balance/year/at-moment';
import { roundTo } from '@/core/units/round';
import { useDegrees } from '../degrees/degrees';
import { useModel, useMoment } from '../job/deferred-model';

const thousand = (btuh: number) => roundTo(btuh / 1000, 1).toFixed(1);

const Figure = ({
  label,
  value,
  unit,
  tone = '',
  note,
}: {
  label: string;
  value: string;
  unit: string;
  tone?: string;
  note?: string | undefined;
}) => (
  <div className="min-w-24">
    <dt className="eyebrow">{label}</dt>
    <dd className={`font-mono text-2xl leading-tight font-semibold ${tone}`}>
      {value} <span className="text-xs font-normal text-quiet">{unit}</span>
      {note && <span className="block text-xs font-normal text-quiet">{note}</span>}
    </dd>
  </div>
);

/** Figures at the needle: load, capacity, average output of each source, cost. */
export const Readout = ({ hasFurnace }: { hasFurnace: boolean }) => {
  const { outdoorF } = useMoment();
  const { facts } = useModel();
  const at = useMemo(() => atMoment(facts, outdoorF), [facts, outdoorF]);
  const { text } = useDegrees();
  return (
    <dl aria-label={`At ${text(outdoorF)}`} className="mb-3 flex flex-wrap gap-x-6 gap-y-2">
      <Figure
        label={`Load at ${text(outdoorF)}`}
        value={thousand(at.loadBtuh)}
        unit="kBtu/h"
        note={`${thousand(at.lowBtuh)} to ${thousand(at.highBtuh)}`}
      />
      <Figure
        label="Heat pump capacity"
        value={thousand(at.heatPumpBtuh)}
        unit="kBtu/h"
        tone="text-pine"
        note={at.cop > 0 ? `COP ${roundTo(at.cop, 2)}${at.isDrawnOn ? ', beyond the rating points' : ''}` : 'is off'}
      />
      <Figure
        label="Heat pump output now"
        value={thousand(at.compressorBtuh)}
        unit="kBtu/h"
        tone="text-pine"
        note={`${roundTo(at.compressorKW, 2)} kW on average`}
      />
      {hasFurnace ? (
        <Figure label="Furnace gives" value={thousand(at.fossilBtuh)} unit="kBtu/h" tone="text-plum" />
      ) : (
        <Figure
          label="Strips give"
          value={thousand(at.stripsBtuh)}
          unit="kBtu/h"
          tone="text-ember"
          note={at.temperingBtuh > 0 ? `${thousand(at.temperingBtuh)} in defrost` : undefined}
        />
      )}
      <Figure
        label="Shortfall"
        value={thousand(at.shortBtuh)}
        unit="kBtu/h"
        tone={at.shortBtuh > 1 ? 'text-fail' : ''}
      />
      <Figure label="Cost per hour" value={`$${at.costPerHour.toFixed(2)}`} unit="per hour" />
    </dl>
  );
};
