/**
 * Memoizes the last answer per model, for identical arguments: a page asks for the same thing repeatedly while
 * rendering.
 * @example
 * const findings = memoizeLast((model: JobModel, readings: readonly Reading[]) => check(model, readings));
 */
export const memoizeLast = <M extends object, W extends readonly unknown[], T>(
  work: (model: M, ...words: W) => T,
): ((model: M, ...words: W) => T) => {
  const all = new WeakMap<M, { readonly words: W; readonly answer: T }>();
  return (model, ...words) => {
    const kept = all.get(model);
    if (kept && kept.words.length === words.length && kept.words.every((word, at) => word === words[at]))
      return kept.answer;
    const answer = work(model, ...words);
    all.set(model, { words, answer });
    return answer;
  };
};
