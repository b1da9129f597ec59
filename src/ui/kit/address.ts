/** Parameters of the address, by name; null removes one. */
export type AddressChange = Readonly<Record<string, string | null>>;

/**
 * Changes parameters of the page's address without loading anything.
 * @param how `push`: Back returns to the address before; `replace`: it does not
 * @returns the parameters after the change
 */
export const changeAddress = (change: AddressChange, how: 'push' | 'replace'): string => {
  const parameters = new URLSearchParams(window.location.search);
  for (const [name, value] of Object.entries(change)) {
    if (value === null) parameters.delete(name);
    else parameters.set(name, value);
  }
  const text = parameters.toString();
  window.history[how === 'push' ? 'pushState' : 'replaceState'](null, '', `?${text}`);
  return text;
};
