/**
 * Queues taps and typing on a page that is visible but not hydrated, and replays them once it is: on a slow connection
 * that takes seconds, and a tap that does nothing is lost. It captures every event first: a half-hydrated page swallows
 * a tap on a part that is not ready, or takes a key without the text before it. Runs as text in the page's head, before
 * anything else is loaded, so it uses nothing from outside itself.
 */
export const queueEarlyInput = () => {
  type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;
  const LOOK_MS = 40;
  // Each part of a page removes its own mark once it is hydrated: see ui/loading/early-input/mark-hydrating.
  const isAlive = (element: Element) => element.closest('[data-waking]') === null;
  // The queue length is an attribute of the document, for anyone who waits until it is empty.
  const page: Document & { heldTouches?: number } = document;
  const holds = (by: 1 | -1) => {
    page.heldTouches = (page.heldTouches ?? 0) + by;
  };
  // In original order, so that each event finds the page as it was then. Lazy parts have their
  // own order, so that the page does not wait for them.
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
  /** Whether the queue is being replayed: new events go after it. */
  const isDoing = () => !isActing && queues.page.length > 0 && queues.page[0]!.isReady() !== false;
  /** Runs an action on an element once it is hydrated; never if it is gone. */
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

  /** Writes text into a field without React noticing. */
  const write = (field: Field, text: string) => {
    const kind = Object.getPrototypeOf(field) as object;
    Object.getOwnPropertyDescriptor(kind, 'value')?.set?.call(field, text);
  };
  /** Restores queued text that a rerender before replay has overwritten. */
  const restore = () => {
    for (const [field, { value }] of held) {
      if (field.value === value || !field.isConnected) continue;
      // Selecting the text of a field focuses it.
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

  /** Replays typed text: React sees it only if it differs from its value. */
  const type = (field: Field, { value, isEntered }: { value: string; isEntered: boolean }) => {
    // Made to differ, so that retyping an assumption is noticed too.
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

  // Once a press is queued, its release is queued too, whatever hydrates in between.
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
        // Menus open on press, everything else on release.
        pressed.dispatchEvent(new PointerEvent('pointerdown', touch));
        pressed.dispatchEvent(new PointerEvent('pointerup', touch));
        (pressed as HTMLElement).click();
      });
    },
    true,
  );
  // A field belongs to the page once it is hydrated and its text was replayed.
  const isPages = (field: Field) => isAlive(field) && !held.has(field) && !isDoing();
  // A number field selects its text when it gets the focus, so that typing replaces it: the text of a field that
  // got the focus early is selected too, and again if a rerender has moved the caret by the first key.
  let selected: HTMLInputElement | null = null;
  addEventListener(
    'focusin',
    ({ target }) => {
      if (!(target instanceof HTMLInputElement) || !('selectOnFocus' in target.dataset) || isPages(target)) return;
      selected = target;
      target.select();
    },
    true,
  );
  // A second press or a key that moves the caret places it on purpose.
  for (const left of ['pointerdown', 'focusout'])
    addEventListener(left, ({ isTrusted }) => isTrusted && (selected = null), true);
  addEventListener(
    'beforeinput',
    ({ target }) => {
      restore();
      if (target === selected) selected?.select();
      selected = null;
    },
    true,
  );
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
  // A lazy part does not hold up the page's keys.
  const isPageAlive = () => document.querySelector('[data-waking=""]') === null;
  const oncePageIsAlive = (act: () => void) => once(queues.page, isPageAlive, act);
  addEventListener(
    'keydown',
    (event: KeyboardEvent) => {
      const { target, key, ctrlKey, metaKey, altKey, shiftKey, isTrusted } = event;
      if (!isTrusted || !(target instanceof Element)) return;
      if (/^(Arrow|Home|End)/.test(key)) selected = null;
      const again = { key, ctrlKey, metaKey, altKey, shiftKey, bubbles: true, cancelable: true };
      if (isField(target)) {
        if (isPages(target)) return;
        event.stopImmediatePropagation();
        // Enter uses the typed text, not what a rerender has written over it.
        restore();
        if (key === 'Enter' && held.has(target)) hold(target, { isEntered: true });
        return;
      }
      // An SVG part handles its own press, which is not attached yet; a real button makes a click by itself.
      const drawn = target.closest('[role="button"]:not(button)');
      if (drawn && (key === 'Enter' || key === ' ')) {
        if (!isHeld(drawn)) return;
        event.preventDefault();
        event.stopImmediatePropagation();
        onceAlive(drawn, () => drawn.dispatchEvent(new KeyboardEvent('keydown', again)));
        return;
      }
      // A character key is a page shortcut; other keys keep their native action.
      if ([...key].length !== 1 || key === ' ' || (isPageAlive() && !isDoing())) return;
      event.stopImmediatePropagation();
      oncePageIsAlive(() => document.body.dispatchEvent(new KeyboardEvent('keydown', again)));
    },
    true,
  );
  // What the browser opened natively stays open; only its handler has not heard of it.
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
