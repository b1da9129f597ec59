/** The terminal (`device.mark`) of the drawing under a point of the screen; null where there is none. */
export const terminalUnder = (x: number, y: number): string | null => {
  for (const element of document.elementsFromPoint(x, y)) {
    const node = element.closest('[data-terminal]')?.getAttribute('data-terminal');
    if (node) return node;
  }
  return null;
};
