/** A browser storage for tests. */
export const memoryStorage = (): Storage => {
  const kept: Record<string, string> = {};
  return Object.defineProperties(kept, {
    getItem: { value: (key: string) => kept[key] ?? null },
    setItem: { value: (key: string, value: string) => void (kept[key] = value) },
    removeItem: { value: (key: string) => void delete kept[key] },
  }) as unknown as Storage;
};
