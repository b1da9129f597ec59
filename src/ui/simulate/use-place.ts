'use client';

import { useSearchParams } from 'next/navigation';
import { useCallback, useState } from 'react';
import type { DayPick } from '@/core/simulation/weather/day-picks';
import { type TypedDay, typedWeather } from '@/core/simulation/weather/typed-weather';
import type { HourlyWeather } from '@/core/simulation/weather/weather';
import { useJob } from '../job/provider';
import { changeAddress } from '../kit/address';

/** The displayed day: picked by character, a date, or typed. */
export type DayOn =
  | { readonly kind: 'pick'; readonly id: string }
  | { readonly kind: 'date'; readonly day: number }
  | { readonly kind: 'typed'; readonly typed: TypedDay };

/** The page's state, kept in the address and when coming back. */
export interface DayPlace {
  readonly on: DayOn;
  readonly days: number;
  /** Plan ids, separated by commas. */
  readonly ways: string;
}

/** Number of days per run. */
export const DAY_COUNTS = [
  { value: 1, label: 'Day' },
  { value: 7, label: 'Week' },
  { value: 30, label: 'Month' },
] as const;

const FIRST = { days: 1, ways: 'stands' } as const;
const DAYS_OF_YEAR = 365;
const TYPED = /^(-?\d+(?:\.\d+)?)_(-?\d+(?:\.\d+)?)_(\d+)$/;

const onText = (on: DayOn): string => {
  switch (on.kind) {
    case 'pick':
      return on.id;
    case 'date':
      return `d${on.day}`;
    case 'typed':
      return [on.typed.leastF, on.typed.mostF, on.typed.humidity].join('_');
  }
};

const readOn = (text: string | null, firstPick: string): DayOn => {
  if (!text) return { kind: 'pick', id: firstPick };
  const date = /^d(\d{1,3})$/.exec(text);
  if (date) return { kind: 'date', day: Math.min(DAYS_OF_YEAR - 1, Number(date[1])) };
  const typed = TYPED.exec(text);
  if (typed)
    return {
      kind: 'typed',
      typed: { leastF: Number(typed[1]), mostF: Number(typed[2]), humidity: Math.min(100, Number(typed[3])) },
    };
  return { kind: 'pick', id: text };
};

const readDays = (text: string | null): number =>
  DAY_COUNTS.find(({ value }) => value === Number(text))?.value ?? FIRST.days;

/** Last state of each job's page, as in an address. */
const lastPlaces = new Map<string, string>();

/**
 * The page's state, and how to change it; the address follows.
 * @param firstPick character of the first day if none is given
 */
export const useDayPlace = (firstPick = 'design') => {
  const job = useJob(({ saved }) => saved.id);
  const query = useSearchParams();
  const [place, setPlace] = useState((): DayPlace => {
    const said = query.get('on') === null ? new URLSearchParams(lastPlaces.get(job) ?? '') : query;
    return {
      on: readOn(said.get('on'), firstPick),
      days: readDays(said.get('days')),
      ways: said.get('ways') ?? FIRST.ways,
    };
  });
  const go = useCallback(
    (change: Partial<DayPlace>) =>
      setPlace((before) => {
        const next = { ...before, ...change };
        const address = { on: onText(next.on), days: String(next.days), ways: next.ways };
        lastPlaces.set(job, changeAddress(address, 'replace'));
        return next;
      }),
    [job],
  );
  return { place, go };
};

/** Weather and first day of a state; a typed day is every day of its year. */
export const weatherOn = (
  on: DayOn,
  year: HourlyWeather,
  picks: readonly DayPick[],
): { readonly weather: HourlyWeather; readonly day: number } => {
  switch (on.kind) {
    case 'date':
      return { weather: year, day: on.day };
    case 'typed':
      return { weather: typedWeather(on.typed), day: 0 };
    case 'pick':
      return { weather: year, day: (picks.find(({ id }) => id === on.id) ?? picks[0])?.day ?? 0 };
  }
};
