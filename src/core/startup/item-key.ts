import type { Facts } from '../job/document';
import { observationKey } from '../model/observation-key';
import type { Item } from './step';

/** Key of an item's reading: that of the observable, or its own for a task. */
export const itemKey = (facts: Facts, step: string, item: Pick<Item, 'id' | 'of'>): string =>
  item.of ? observationKey(facts, item.of) : `${step}/${item.id}`;
