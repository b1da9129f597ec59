import { type ReadingValue, type TakenReading, takenReading } from './reading';

let minute = 0;

/** A reading a minute after the one before, for tests. */
export const said = (item: string, value: ReadingValue): TakenReading => {
  minute += 1;
  return takenReading({
    id: `${item} ${minute}`,
    item,
    visit: 'v',
    value,
    place: null,
    at: new Date(Date.UTC(2026, 1, 1, 8, minute)).toISOString(),
    author: 'R',
    instrument: '',
    replaces: null,
  });
};
