'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import type { Facts } from '@/core/job/document';
import type { PlannedStep } from '@/core/startup/planned';
import { type People, placeRoute, plainRoute, type Route } from '@/core/startup/route';
import { changeAddress } from '../kit/address';

const ORDER = 'order';
const BY_PLACE = 'place';
const PEOPLE = 'people';

/** The order of the steps, the time it saves, and how to change it. */
export interface RouteChoice {
  readonly isByPlace: boolean;
  readonly people: People;
  /** The route of the steps; null when ordered as listed. */
  readonly taken: Route | null;
  /** Both orders, calculated on request. */
  readonly compare: () => { readonly plain: Route; readonly byPlace: Route };
  readonly choose: (isByPlace: boolean, people: People) => void;
}

/** Steps as listed or by place; order and number of people are in the address. */
export const useRoute = (
  facts: Facts,
  steps: readonly PlannedStep[],
): { readonly steps: readonly PlannedStep[]; readonly route: RouteChoice } => {
  const query = useSearchParams();
  const isByPlace = query.get(ORDER) === BY_PLACE;
  const people: People = query.get(PEOPLE) === '2' ? 2 : 1;
  const taken = useMemo(() => (isByPlace ? placeRoute(facts, steps, people) : null), [facts, steps, people, isByPlace]);
  const compare = () => ({ plain: plainRoute(facts, steps, people), byPlace: placeRoute(facts, steps, people) });
  const choose = (next: boolean, going: People) => {
    changeAddress({ [ORDER]: next ? BY_PLACE : null, [PEOPLE]: going === 2 ? '2' : null }, 'push');
  };
  return { steps: taken?.steps ?? steps, route: { isByPlace, people, taken, compare, choose } };
};
