'use client';

import { Dialog } from 'radix-ui';
import { useState } from 'react';

interface DialogFrameProps {
  readonly title: string;
  /** A sentence below the title. */
  readonly about?: React.ReactNode;
  /** Omitted if there is no way out but to answer. */
  readonly onClose?: () => void;
  readonly isWide?: boolean;
  /** Whether it comes up from the bottom of a phone’s screen. */
  readonly isAtFoot?: boolean;
  /** Whether it confirms something irreversible: a tap outside does not close it. */
  readonly isAlert?: boolean;
  readonly children: React.ReactNode;
}

/** Element that regains focus: the focused one; a menu is gone by then, so the button that opened it. */
const openerNow = (): Element | null => {
  const menu = document.activeElement?.closest('[role="menu"]');
  return menu ? document.getElementById(menu.getAttribute('aria-labelledby') ?? '') : document.activeElement;
};

/**
 * The common dialog frame: over the page, scrolls inside, title first. Esc and a tap outside close it, and focus
 * returns.
 */
export const DialogFrame = (props: DialogFrameProps) => {
  const { title, about, onClose, isWide = false, isAtFoot = false, isAlert = false, children } = props;
  const place = isAtFoot
    ? 'inset-x-0 bottom-0 max-h-[92dvh] rounded-t border-t bg-paper p-3'
    : `inset-x-3 top-[8dvh] mx-auto max-h-[84dvh] rounded border bg-sheet p-5 ${isWide ? 'max-w-2xl' : 'max-w-md'}`;
  // It opens when rendered, so there is no trigger that would take the focus back.
  const [opener] = useState(openerNow);
  return (
    <Dialog.Root open onOpenChange={(isOpen) => !isOpen && onClose?.()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Dialog.Content
          role={isAlert ? 'alertdialog' : 'dialog'}
          {...(about === undefined ? { 'aria-describedby': undefined } : {})}
          className={`fixed z-50 overflow-y-auto border-line-strong ${place}`}
          onPointerDownOutside={(event) => isAlert && event.preventDefault()}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            if (opener instanceof HTMLElement) opener.focus();
          }}
        >
          <Dialog.Title className="part-head">{title}</Dialog.Title>
          {about !== undefined && <Dialog.Description className="my-2 text-quiet">{about}</Dialog.Description>}
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
};

/** Closes its dialog. */
export const DialogClose = Dialog.Close;
