'use client';

import { useCallback, useEffect, useMemo, useState } from 'react';
import { CLIMATES } from '@/core/balance/year/climates';
import { clockAt } from '@/core/simulation/clock';
import { outdoorShows } from '@/core/simulation/weather/outdoor-sensor';
import { weatherFrom } from '@/core/simulation/weather/weather';
import { useDegrees } from '../../degrees/degrees';
import { LabeledSelect } from '../../kit/labeled-select';
import { dateText } from '../../weather/day-of-year';
import { useSending } from './use-radio';

const MINUTES_PER_DAY = 1440;
const DAYS = 365;
/** Morning of January 15. */
const FIRST_MINUTE = 14 * MINUTES_PER_DAY + 7 * 60;

/** An outdoor sensor in a year of made-up weather: it sends one minute per second. */
export const SimulatedWeather = () => {
  const { text } = useDegrees();
  const [climate, setClimate] = useState(CLIMATES[0]!.id);
  const [minute, setMinute] = useState(FIRST_MINUTE);
  const [isOn, setOn] = useState(false);
  const at = useMemo(() => {
    const { hoursF, humidity } = CLIMATES.find(({ id }) => id === climate)!;
    return weatherFrom({ hoursF: hoursF(), humidity: humidity() }, 0);
  }, [climate]);
  useEffect(() => {
    if (!isOn) return;
    const timer = setInterval(() => setMinute((now) => (now + 1) % (DAYS * MINUTES_PER_DAY)), 1000);
    return () => clearInterval(timer);
  }, [isOn]);
  const read = useCallback(() => outdoorShows(at(minute)), [at, minute]);
  useSending(1000, isOn ? read : null);
  const weather = at(minute);
  const day = Math.floor(minute / MINUTES_PER_DAY);
  const ofDay = minute % MINUTES_PER_DAY;
  return (
    <section aria-label="Outdoor sensor" className="grid gap-3">
      <h2 className="section-head">Outdoor sensor</h2>
      <p aria-label="What the sensor reads" className="font-mono text-2xl">
        {text(weather.outdoorF)}, {Math.round(100 * weather.relativeHumidity)} %
      </p>
      <p className="text-quiet">
        {dateText(day)}, {clockAt(minute)}
      </p>
      <LabeledSelect
        label="Climate"
        place="beside"
        value={climate}
        options={CLIMATES.map(({ id, name }) => ({ value: id, label: name }))}
        onChoose={setClimate}
      />
      <label className="block">
        <span className="eyebrow">Day of the year</span>
        <input
          type="range"
          className="h-11 w-full accent-ink"
          min={0}
          max={DAYS - 1}
          value={day}
          aria-valuetext={dateText(day)}
          onChange={(event) => setMinute(Number(event.target.value) * MINUTES_PER_DAY + ofDay)}
        />
      </label>
      <label className="block">
        <span className="eyebrow">Time of day</span>
        <input
          type="range"
          className="h-11 w-full accent-ink"
          min={0}
          max={MINUTES_PER_DAY - 15}
          step={15}
          value={ofDay}
          aria-valuetext={clockAt(minute)}
          onChange={(event) => setMinute(day * MINUTES_PER_DAY + Number(event.target.value))}
        />
      </label>
      <button type="button" className="plain-button" aria-pressed={isOn} onClick={() => setOn(!isOn)}>
        {isOn ? 'Stop sending' : 'Send, one minute per second'}
      </button>
    </section>
  );
};
