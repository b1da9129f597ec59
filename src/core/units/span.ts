/** A closed interval of outdoor temperature, °F, low end first. */
export type SpanF = readonly [fromF: number, toF: number];

/** Joins adjoining spans and drops those thinner than a millionth of a degree. Input in rising order. */
export const joinSpans = (spans: readonly SpanF[]): SpanF[] => {
  const joined: SpanF[] = [];
  for (const span of spans) {
    if (span[1] - span[0] < 1e-6) continue;
    const last = joined.at(-1);
    if (last && span[0] - last[1] < 1e-6) joined[joined.length - 1] = [last[0], span[1]];
    else joined.push(span);
  }
  return joined;
};

/** Whether a temperature lies in any of the spans, inclusive. */
export const inSpans = (spans: readonly SpanF[], atF: number): boolean =>
  spans.some(([from, to]) => atF >= from && atF <= to);

/** Position of a temperature in a span, in percent, limited to it. */
export const percentAlong = ([fromF, toF]: SpanF, atF: number): number =>
  (100 * (Math.min(toF, Math.max(fromF, atF)) - fromF)) / (toF - fromF);

/** Temperature at a fraction of a span, °F; the fraction is limited to 0 to 1. */
export const atShare = ([fromF, toF]: SpanF, share: number): number =>
  fromF + Math.min(1, Math.max(0, share)) * (toF - fromF);

/** Round temperatures along a span at a step, including round ends. */
export const ticksAlong = ([fromF, toF]: SpanF, everyF: number): number[] => {
  const first = Math.ceil(fromF / everyF) * everyF;
  return Array.from({ length: Math.floor((toF - first) / everyF) + 1 }, (_, at) => first + at * everyF);
};
