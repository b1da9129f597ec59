'use client';

import { useCallback, useEffect, useState } from 'react';
import type { MeterUnit } from '@/core/instrument/shown';
import { type ProbePlacement, simulatedMeterShows } from '@/core/instrument/stand-in';
import { RadioButtons } from '@/ui/fields/radio-buttons';
import { NumberBox } from '../../fields/number-box';
import { FailedTask } from '../../kit/failed-task';
import { LabeledSelect } from '../../kit/labeled-select';
import { type House, useHouse } from './use-house';
import { useSending } from './use-radio';

const NAME = 'Simulated meter';
const SENDS_EVERY_MS = 250;

const QUANTITIES = [
  ['V', 'Volts'],
  ['A', 'Amps'],
  ['Ω', 'Ohms'],
  ['°F', 'Temperature'],
  ['in. w.c.', 'Pressure'],
  ['µA', 'Flame current'],
] as const satisfies readonly (readonly [MeterUnit, string])[];
type Quantity = (typeof QUANTITIES)[number][0];

const LIFTED: ProbePlacement = { value: null, unit: 'V', ohms: null };

/** The simulated meter's display, several times a second, from when its probes were placed. */
const useShown = (held: ProbePlacement) => {
  const [face, setFace] = useState<number | 'OL' | null>(null);
  const [since, setSince] = useState<{ held: ProbePlacement; atMs: number } | null>(null);
  useEffect(() => {
    const timer = setTimeout(() => setSince({ held, atMs: performance.now() }));
    return () => clearTimeout(timer);
  }, [held]);
  const read = useCallback(() => {
    const onForS = since ? (performance.now() - since.atMs) / 1000 : 0;
    const shown = simulatedMeterShows(NAME, since?.held ?? LIFTED, onForS, Math.random);
    setFace(shown.value);
    return [shown];
  }, [since]);
  useSending(SENDS_EVERY_MS, read);
  return face;
};

const FigureHeld = ({ onHold }: { onHold: (held: ProbePlacement) => void }) => {
  const [unit, setUnit] = useState<Quantity>('V');
  const [value, setValue] = useState<number | 'OL' | null>(24.6);
  const hold = (next: number | 'OL' | null, as: Quantity = unit) => {
    setValue(next);
    setUnit(as);
    onHold({ value: next, unit: as, ohms: as === 'V' ? 10e6 : null });
  };
  return (
    <div className="grid gap-3">
      <LabeledSelect
        label="Function"
        place="beside"
        value={unit}
        options={QUANTITIES.map(([id, label]) => ({ value: id, label: `${label}, ${id}` }))}
        onChoose={(next) => hold(null, next)}
      />
      <NumberBox
        label="Value at the probes"
        value={value}
        none="leads lifted"
        unit={unit}
        step={unit === 'in. w.c.' ? 0.01 : 1}
        min={-60}
        max={100_000}
        takesOpen={unit === 'Ω'}
        isLarge
        onCommit={(next) => hold(next)}
      />
      <button type="button" className="plain-button" onClick={() => hold(null)}>
        Lift the leads
      </button>
    </div>
  );
};

const HouseHeld = ({
  house,
  isWorking,
  choose,
}: {
  house: House | null;
  isWorking: boolean;
  choose: (fault: string) => void;
}) => {
  const [isShown, setShown] = useState(false);
  if (!house)
    return (
      <p role="status" className="text-quiet">
        {isWorking
          ? 'Loading the house …'
          : 'Waiting for a job page. Diagnose places the probes for you; on Startup and Strips tap “Probes here”.'}
      </p>
    );
  const { leads, name, faults, fault, said, met } = house;
  return (
    <div className="grid gap-3" aria-busy={isWorking}>
      <p>
        <span className="eyebrow block">House</span>
        {name}
      </p>
      <p>
        <span className="eyebrow block">Homeowner’s complaint</span>
        {said === null ? '…' : `“${said}”`}
      </p>
      <p>
        <span className="eyebrow block">Leads</span>
        {leads.words}
      </p>
      {met.seen && (
        <p role="status" className="border-l-4 border-ink pl-3">
          <span className="eyebrow block">What you see there</span>
          {met.seen}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            setShown(false);
            choose('');
          }}
        >
          Another random fault
        </button>
        <button type="button" className="plain-button" aria-expanded={isShown} onClick={() => setShown(!isShown)}>
          {isShown ? 'Hide the fault' : 'Show the fault'}
        </button>
      </div>
      {isShown && (
        <LabeledSelect
          label="The fault"
          value={fault}
          options={faults.map(({ id, words }) => ({ value: id, label: words }))}
          onChoose={choose}
        />
      )}
    </div>
  );
};

/** A meter that shows a typed value, or a house with a fault. */
export const SimulatedMeter = () => {
  const [isInHouse, setInHouse] = useState(true);
  const [typed, setTyped] = useState<ProbePlacement>({ value: 24.6, unit: 'V', ohms: 10e6 });
  const { house, isWorking, choose, hasFailed, again } = useHouse();
  const held = isInHouse ? (house?.met.held ?? LIFTED) : typed;
  const face = useShown(held);
  return (
    <section aria-label="Meter" className="grid gap-4">
      <p aria-label="What it shows" className="border-2 border-ink bg-sheet px-4 py-3 text-right font-mono text-5xl">
        {face === null ? '– – –' : String(face)} <span className="text-2xl text-quiet">{held.unit}</span>
      </p>
      <RadioButtons
        label="What the leads are on"
        className="grid-cols-2"
        options={[
          [true, 'A house with a fault'],
          [false, 'A value I type in'],
        ]}
        value={isInHouse}
        onChoose={setInHouse}
      />
      {hasFailed && <FailedTask words="The house could not be calculated on this device." onAgain={again} />}
      {isInHouse ? <HouseHeld house={house} isWorking={isWorking} choose={choose} /> : <FigureHeld onHold={setTyped} />}
    </section>
  );
};
