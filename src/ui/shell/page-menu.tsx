'use client';

import { ChevronDown } from 'lucide-react';
import { lazyPopup, type OpenerProps } from '../kit/lazy-popup';
import type { PageMenuProps } from './page-menu-whole';

const Opener = lazyPopup<PageMenuProps>('menu', () =>
  import('./page-menu-whole').then(({ PageMenuWhole }) => PageMenuWhole),
);

/** Pages of a job and theme behind one button, on narrow screens. */
export const PageMenu = (props: Omit<PageMenuProps, keyof OpenerProps>) => {
  const name = props.pages.find(({ path }) => path === props.here)?.title ?? 'Pages';
  return (
    <Opener
      {...props}
      className="plain-button gap-1 px-2 font-label text-lg lg:hidden"
      label={`${name}, pages of the job`}
      face={
        <>
          {name}
          <ChevronDown size={18} aria-hidden />
        </>
      }
    />
  );
};
