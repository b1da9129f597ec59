/**
 * Holds what is tapped and typed on a page that is shown and not alive yet, and does it once it is: on a slow line
 * that takes seconds, and a tap that does nothing is a tap lost. It hears of everything first and keeps it to itself:
 * a page that is half alive swallows a tap on what is not, or takes a key without the text before it. Runs as text in
 * the page's head, before anything else is loaded, so it uses nothing from outside itself.
 */
export const queueEarlyInput = () => {
  type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;
  const LOOK_MS = 40;
  // Each part of a page takes its mark away itself, once it is taken over whole: see ui/waking.
  const isAlive = (element: Element) => element.closest('[data-waking]') === null;
  // How much is held is on the document, for whoever asks whether all of it is done.
  const page: Document & { heldTouches?: number } = document;
  const holds = (by: 1 | -1) => {
    page.heldTouches = (page.heldTouches ?? 0) + by;
  };
  // In the order in which it was done: what is found is found before it is left otherwise. What comes later has an
  // order of its own, so that the page waits for none of it.
  interface Held {
    readonly isReady: () => boolean | null;
    readonly act: () => void;
  }
  const queues: Readonly<Record<'page' | 'later', Held[]>> = { page: [], later: [] };
  let isActing = false;
  const go = (queue: Held[]) => {
    const [head] = queue;
    if (!head) return;
    restore();
    const ready = head.isReady();
    if (ready === false) return void setTimeout(() => go(queue), LOOK_MS);
    requestAnimationFrame(() => {
      try {
        isActing = true;
        if (ready) head.act();
      } finally {
        isActing = false;
        queue.shift();
        holds(-1);
        go(queue);
      }
    });
  };
  const once = (queue: Held[], isReady: () => boolean | null, act: () => void) => {
    holds(1);
    queue.push({ isReady, act });
    if (queue.length === 1) setTimeout(() => go(queue), LOOK_MS);
  };
  /** Whether what was done before is being done now: what is done meanwhile comes after it. */
  const isDoing = () => !isActing && queues.page.length > 0 && queues.page[0]!.isReady() !== false;
  /** Does something to an element once it is alive; never, where it is gone by then. */
  const onceAlive = (element: Element, act: () => void) =>
    once(
      element.closest('[data-waking="later"]') ? queues.later : queues.page,
      () => (element.isConnected ? isAlive(element) : null),
      act,
    );
  const held = new Map<Field, { value: string; isEntered: boolean }>();
  const isField = (element: unknown): element is Field =>
    element instanceof HTMLTextAreaElement ||
    element instanceof HTMLSelectElement ||
    (element instanceof HTMLInputElement && !['checkbox', 'radio', 'file'].includes(element.type));

  /** Writes text into a field unnoticed by React. */
  const write = (field: Field, text: string) => {
    const kind = Object.getPrototypeOf(field) as object;
    Object.getOwnPropertyDescriptor(kind, 'value')?.set?.call(field, text);
  };
  /** Brings back what is held where a part, drawn anew before it was told, has written what it knew over it. */
  const restore = () => {
    for (const [field, { value }] of held) {
      if (field.value === value || !field.isConnected) continue;
      // To select the text of a field is to go there.
      const isWhole =
        document.activeElement === field &&
        !(field instanceof HTMLSelectElement) &&
        field.value !== '' &&
        field.selectionStart === 0 &&
        field.selectionEnd === field.value.length;
      write(field, value);
      if (isWhole) field.select();
    }
  };

  /** Enters text as its owner would: React hears of it only where it differs from what it knows. */
  const type = (field: Field, { value, isEntered }: { value: string; isEntered: boolean }) => {
    // Known to differ, so that a guess typed out is heard of as well.
    if (!(field instanceof HTMLSelectElement)) field.value = value === '' ? '0' : '';
    write(field, value);
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
      const last = held.get(field)!;
      held.delete(field);
      type(field, last);
    });
  };

  // What is held once it is touched is held until it is let go, whatever comes alive between.
  let touched: Element | null = null;
  const isHeld = (pressed: Element) => pressed === touched || !isAlive(pressed) || isDoing();
  const pressedBy = ({ target }: Event) =>
    target instanceof Element
      ? target.closest('button, [role="button"], input[type="checkbox"], input[type="radio"]')
      : null;
  for (const touch of ['pointerdown', 'pointerup', 'mousedown', 'mouseup'])
    addEventListener(
      touch,
      (event) => {
        const pressed = pressedBy(event);
        if (!event.isTrusted) return;
        const isHere = pressed !== null && isHeld(pressed);
        if (touch === 'pointerdown') touched = isHere ? pressed : null;
        if (isHere) event.stopImmediatePropagation();
      },
      true,
    );
  addEventListener(
    'click',
    (event) => {
      const pressed = pressedBy(event);
      if (!pressed || !event.isTrusted || !isHeld(pressed)) return;
      touched = null;
      event.preventDefault();
      event.stopImmediatePropagation();
      const touch = { bubbles: true, cancelable: true, pointerType: (event as PointerEvent).pointerType ?? 'mouse' };
      onceAlive(pressed, () => {
        // Menus open as they are pressed, everything else as it is let go.
        pressed.dispatchEvent(new PointerEvent('pointerdown', touch));
        pressed.dispatchEvent(new PointerEvent('pointerup', touch));
        (pressed as HTMLElement).click();
      });
    },
    true,
  );
  // A field is the page's own once it is alive and has been told what it holds.
  const isPages = (field: Field) => isAlive(field) && !held.has(field) && !isDoing();
  addEventListener('beforeinput', restore, true);
  addEventListener(
    'input',
    (event) => {
      const { target } = event;
      if (!isField(target) || isPages(target)) return;
      event.stopImmediatePropagation();
      hold(target, {});
    },
    true,
  );
  addEventListener(
    'change',
    (event) => {
      const { target } = event;
      const isFile = target instanceof HTMLInputElement && target.type === 'file';
      if (isFile ? isAlive(target) && !isDoing() : !isField(target) || isPages(target)) return;
      event.stopImmediatePropagation();
      if (isFile) onceAlive(target, () => target.dispatchEvent(new Event('change', { bubbles: true })));
    },
    true,
  );
  // A part that comes later does not keep the page's keys waiting.
  const isPageAlive = () => document.querySelector('[data-waking=""]') === null;
  const oncePageIsAlive = (act: () => void) => once(queues.page, isPageAlive, act);
  addEventListener(
    'keydown',
    (event: KeyboardEvent) => {
      const { target, key, ctrlKey, metaKey, altKey, shiftKey, isTrusted } = event;
      if (!isTrusted || !(target instanceof Element)) return;
      const again = { key, ctrlKey, metaKey, altKey, shiftKey, bubbles: true, cancelable: true };
      if (isField(target)) {
        if (isPages(target)) return;
        event.stopImmediatePropagation();
        // What is entered is what was typed, not what a part drawn anew has written over it since.
        restore();
        if (key === 'Enter' && held.has(target)) hold(target, { isEntered: true });
        return;
      }
      // A part that is drawn is pressed by its own hand, which is not there yet; a real button makes a click by itself.
      const drawn = target.closest('[role="button"]:not(button)');
      if (drawn && (key === 'Enter' || key === ' ')) {
        if (!isHeld(drawn)) return;
        event.preventDefault();
        event.stopImmediatePropagation();
        onceAlive(drawn, () => drawn.dispatchEvent(new KeyboardEvent('keydown', again)));
        return;
      }
      // A sign is a key of the page; all other keys do what they do by themselves.
      if ([...key].length !== 1 || key === ' ' || (isPageAlive() && !isDoing())) return;
      event.stopImmediatePropagation();
      oncePageIsAlive(() => document.body.dispatchEvent(new KeyboardEvent('keydown', again)));
    },
    true,
  );
  // What the browser opened by itself stays open; who shows more for it only has not heard of it.
  const opened = new Set<HTMLDetailsElement>();
  const onToggle = ({ target }: Event) => {
    if (!(target instanceof HTMLDetailsElement) || isAlive(target) || opened.has(target)) return;
    opened.add(target);
    onceAlive(target, () => target.dispatchEvent(new Event('toggle')));
  };
  addEventListener('toggle', onToggle, true);
  addEventListener(
    'submit',
    (event) => {
      if (event.target instanceof Element && !isAlive(event.target)) event.preventDefault();
    },
    true,
  );
};
