import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import type { TakenReading } from '../../job/reading';
import { type Element, elementOhms } from '../../strips/element';
import { jobElements } from '../../strips/from-job';
import { OHMS_HIGH_SHARE, OHMS_LOW_SHARE } from '../../strips/tolerance';
import { roundTo } from '../../units/round';
import type { SupplyState } from '../energy';
import { expectWithin } from '../expect';
import { itemKey } from '../item-key';
import { planItem, type PlannedItem, withEnergy } from '../planned';
import type { Item, StartupStep } from '../step';

/** Cold ohms of one element, by its rating. */
const ohmsItemOf = (element: Element, at: number): Item => {
  const ohms = elementOhms(element);
  const expected = expectWithin(
    ohms,
    OHMS_LOW_SHARE,
    OHMS_HIGH_SHARE,
    `${element.ratedVolts} V squared ÷ ${element.kW * 1000} W = ${roundTo(ohms, 2)} Ω`,
  );
  return {
    id: `ohms-${at + 1}`,
    of: { call: null, observable: { kind: 'element-ohms', element: at } },
    label: `Element ${at + 1} (${element.kW} kW)`,
    unit: 'Ω',
    handsIn: 'indoor',
    expect: () => expected,
    explain: (value, grade) => {
      if (value === 'OL')
        return {
          means: 'Open: no heat from this element.',
          next: 'Check the limit by itself (it closes when cool), the fusible link, then the element. If the link is blown, find out why airflow failed before you install a new one.',
        };
      if (grade === 'pass' || typeof value !== 'number') return null;
      if (value < ohms / 3)
        return {
          means: 'Almost shorted.',
          next: 'Do not energize it. Look for element wire touching the frame; ohm to ground.',
        };
      return value < ohms
        ? {
            means: `It would draw ${roundTo(element.ratedVolts / value, 1)} A: above nameplate.`,
            next: 'Is another element still in parallel? Lift its lead and read again; then check the plate.',
          }
        : {
            means: 'Ohms above rated: less heat.',
            next: 'Read again with good contact; compare with its neighbor; check the plate’s kW and volts.',
          };
    },
  };
};

/** An element's ohms as planned, read and judged, for other pages. */
export const plannedOhms = (
  facts: Facts,
  at: number,
  current: ReadonlyMap<string, TakenReading>,
  states: readonly SupplyState[],
): PlannedItem => {
  const item = ohmsItemOf(jobElements(facts)[at]!, at);
  const key = itemKey(facts, 'element-ohms', item);
  return withEnergy(facts, planItem(key, item, current.get(key)), states);
};

export const elementOhmsStep: StartupStep = {
  id: 'element-ohms',
  title: 'Element ohms, cold',
  why: 'An open element, link or limit shows in a minute with the power off.',
  applies: (facts) => kitRows(facts).length > 0,
  build: ({ facts }) => ({
    cautions: ['two-supplies', 'never-defeat'],
    how: [
      'Every supply still open and verified dead.',
      'Lift one lead of each element, or you read the others in parallel.',
      'Measure across element, link and limit in series; if open, measure each one.',
    ],
    call: null,
    waits: [],
    items: jobElements(facts).map(ohmsItemOf),
  }),
};
