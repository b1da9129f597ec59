import type { Facts } from '../job/document';
import { observationKey } from '../model/observable';
import type { Item } from './step';

/** The key under which an item's reading is kept: that of what is read, or its own for something to do. */
export const itemKey = (facts: Facts, step: string, item: Pick<Item, 'id' | 'of'>): string =>
  item.of ? observationKey(facts, item.of) : `${step}/${item.id}`;
