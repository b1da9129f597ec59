/** Stops of the two-minute tour: page of a job, conditions, and what to look at. */
export interface TourStop {
  readonly page: string;
  /** Its moment and place, as in an address. */
  readonly query: string;
  readonly title: string;
  readonly words: string;
}

/** The tour's job, among the samples. */
export const TOUR_SAMPLE = 'quarry-bench';

export const TOUR_STOPS: readonly TourStop[] = [
  {
    page: 'survey',
    query: 'out=19&in=68&call=heat-1',
    title: 'What you have',
    words:
      'Nameplates and house, in walking order. A dashed edge means assumed: type the value or confirm it. Everything else is calculated from here.',
  },
  {
    page: 'balance',
    query: 'out=19&in=68&call=heat-1',
    title: 'What may run',
    words:
      'The balance point is where the house line meets the heat pump line. Drag the needle or a lockout and watch the sentence at the bottom of the page.',
  },
  {
    page: 'wiring',
    query: 'out=19&in=68&call=heat-aux',
    title: 'How it is wired',
    words:
      'The live path of the call in full color, with the voltage to expect at each terminal. Step through the calls below.',
  },
  {
    page: 'strips',
    query: 'out=19&in=68&call=emergency',
    title: 'The strips',
    words: 'Each circuit from breaker to element, second by second. Clamp amps are judged at the voltage you read.',
  },
  {
    page: 'startup',
    query: 'out=19&in=68&call=emergency&step=emergency',
    title: 'Is it right',
    words: 'One step at a time: what to expect, what you read, and what it means. Try typing a wrong number.',
  },
  {
    page: 'handover',
    query: 'out=19&in=68&call=heat-1',
    title: 'The record',
    words: 'One page for the file, one for the homeowner. That’s it. Now start your own job.',
  },
];
