/** The drawing's terminal (`device.mark`) at a screen point; null if none. */
export const terminalUnder = (x: number, y: number): string | null => {
  for (const element of document.elementsFromPoint(x, y)) {
    const node = element.closest('[data-terminal]')?.getAttribute('data-terminal');
    if (node) return node;
  }
  return null;
};
