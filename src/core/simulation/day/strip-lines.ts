/** A quantity over a run, thinned to what a screen can show: lowest and highest of each interval, in order. */
export interface StripLine {
  /** Ticks and values. */
  readonly points: readonly (readonly [number, number])[];
  readonly least: number;
  readonly most: number;
}

/**
 * Thins a list without losing a peak.
 * @param most maximum points
 */
export const stripLine = (values: ArrayLike<number>, most: number): StripLine => {
  const count = values.length;
  const stretch = Math.max(1, Math.ceil((2 * count) / most));
  const points: (readonly [number, number])[] = [];
  let [least, highest] = [Infinity, -Infinity];
  for (let from = 0; from < count; from += stretch) {
    let [low, high] = [from, from];
    for (let at = from; at < Math.min(count, from + stretch); at++) {
      if (values[at]! < values[low]!) low = at;
      if (values[at]! > values[high]!) high = at;
    }
    least = Math.min(least, values[low]!);
    highest = Math.max(highest, values[high]!);
    for (const at of low === high ? [low] : [Math.min(low, high), Math.max(low, high)]) points.push([at, values[at]!]);
  }
  return { points, least, most: highest };
};

/** Intervals in which a source is at one level above zero. */
export interface StripSpell {
  readonly fromTick: number;
  /** Exclusive end tick. */
  readonly toTick: number;
  readonly level: number;
}

/** A source's intervals; those too close for the screen are drawn as one at their highest level. */
export const stripSpells = (levels: ArrayLike<number>, most: number): StripSpell[] => {
  const near = Math.floor(levels.length / most);
  const spells: StripSpell[] = [];
  for (let tick = 0; tick < levels.length; tick++) {
    const level = levels[tick]!;
    if (level <= 0) continue;
    const last = spells.at(-1);
    const isNext = last !== undefined && tick - last.toTick <= near;
    if (isNext && (last.level === level || near > 0))
      spells[spells.length - 1] = { ...last, toTick: tick + 1, level: Math.max(last.level, level) };
    else spells.push({ fromTick: tick, toTick: tick + 1, level });
  }
  return spells;
};
