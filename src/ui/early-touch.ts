/**
 * Holds what is tapped and typed on a page that is shown and not alive yet, and does it once it is: on a slow line
 * that takes seconds, and a tap that does nothing is a tap lost. Runs as text in the page's head, before anything else
 * is loaded, so it uses nothing from outside itself.
 */
export const holdEarlyTouches = () => {
  type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;
  const LOOK_MS = 40;
  // Each part of a page takes its mark away itself, once it is taken over whole: see ui/waking.
  const isAlive = (element: Element) => element.closest('[data-waking]') === null;
  const onceAlive = (element: Element, act: () => void) => {
    const look = () => {
      if (!element.isConnected) return;
      if (isAlive(element)) requestAnimationFrame(act);
      else setTimeout(look, LOOK_MS);
    };
    setTimeout(look, LOOK_MS);
  };
  const held = new Map<Field, { value: string; isEntered: boolean }>();
  const isField = (element: unknown): element is Field =>
    element instanceof HTMLTextAreaElement ||
    element instanceof HTMLSelectElement ||
    (element instanceof HTMLInputElement && !['checkbox', 'radio', 'file'].includes(element.type));

  /** Enters text as its owner would: React hears of it only where it differs from what it knows. */
  const type = (field: Field, { value, isEntered }: { value: string; isEntered: boolean }) => {
    if (!(field instanceof HTMLSelectElement)) field.value = field.defaultValue;
    const kind = Object.getPrototypeOf(field) as object;
    Object.getOwnPropertyDescriptor(kind, 'value')?.set?.call(field, value);
    const isChosen = field instanceof HTMLSelectElement;
    if (document.activeElement === field) field.dispatchEvent(new FocusEvent('focusin', { bubbles: true }));
    field.dispatchEvent(new Event(isChosen ? 'change' : 'input', { bubbles: true }));
    if (isEntered) field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }));
    if (document.activeElement !== field) field.dispatchEvent(new FocusEvent('focusout', { bubbles: true }));
  };
  const hold = (field: Field, change: { isEntered?: boolean }) => {
    const isNew = !held.has(field);
    held.set(field, { isEntered: false, ...held.get(field), value: field.value, ...change });
    if (!isNew) return;
    onceAlive(field, () => {
      type(field, held.get(field)!);
      held.delete(field);
    });
  };

  // At the window, after everything else has heard of it: where React took it over for this very tap, it is done.
  addEventListener('click', (event) => {
    const target = event.target instanceof Element ? event.target : null;
    const pressed = target?.closest('button, [role="button"], input[type="checkbox"], input[type="radio"]');
    if (!pressed || isAlive(pressed) || !event.isTrusted) return;
    event.preventDefault();
    const touch = { bubbles: true, cancelable: true, pointerType: (event as PointerEvent).pointerType ?? 'mouse' };
    onceAlive(pressed, () => {
      // Menus open as they are pressed, everything else as it is let go.
      pressed.dispatchEvent(new PointerEvent('pointerdown', touch));
      pressed.dispatchEvent(new PointerEvent('pointerup', touch));
      (pressed as HTMLElement).click();
    });
  });
  addEventListener('input', ({ target }) => {
    if (isField(target) && !isAlive(target)) hold(target, {});
  });
  addEventListener('keydown', ({ target, key }: KeyboardEvent) => {
    if (key === 'Enter' && isField(target) && held.has(target)) hold(target, { isEntered: true });
  });
  // What the browser opened by itself stays open; who shows more for it only has not heard of it.
  const opened = new Set<HTMLDetailsElement>();
  const onToggle = ({ target }: Event) => {
    if (!(target instanceof HTMLDetailsElement) || isAlive(target) || opened.has(target)) return;
    opened.add(target);
    onceAlive(target, () => target.dispatchEvent(new Event('toggle')));
  };
  addEventListener('toggle', onToggle, true);
  addEventListener('submit', (event) => {
    if (event.target instanceof Element && !isAlive(event.target)) event.preventDefault();
  });
};
