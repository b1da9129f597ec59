interface Shared<T> {
  readonly running: Promise<T>;
  next: Promise<T> | null;
}

/**
 * Shares one result among simultaneous identical requests. No one gets a result that was started before they asked:
 * later requests share the next one.
 */
export const sharedWork = <T>(): ((key: string, work: () => Promise<T>) => Promise<T>) => {
  const underWay = new Map<string, Shared<T>>();
  const begin = (key: string, work: () => Promise<T>): Promise<T> => {
    const running = work();
    const shared: Shared<T> = { running, next: null };
    underWay.set(key, shared);
    const ended = () => {
      if (underWay.get(key) === shared && shared.next === null) underWay.delete(key);
    };
    running.then(ended, ended);
    return running;
  };
  return (key, work) => {
    const shared = underWay.get(key);
    if (!shared) return begin(key, work);
    const after = () => begin(key, work);
    return (shared.next ??= shared.running.then(after, after));
  };
};
