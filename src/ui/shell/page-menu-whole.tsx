'use client';

import Link from 'next/link';
import { DropdownMenu } from 'radix-ui';
import type { DegreeScale } from '@/core/units/degrees';
import { useDegreeChoice } from '../degrees/degrees';
import type { OpenerProps } from '../kit/lazy-popup';
import { useTheme } from '../theme/theme';
import { type Theme, THEME_LABELS } from '../theme/themes';
import { guideFor } from './guide-parts';
import type { JobScreen } from './screens';

export interface PageMenuProps extends OpenerProps {
  readonly pages: readonly (JobScreen & { readonly href: string })[];
  readonly here: string | undefined;
  readonly onCommands: () => void;
}

const ITEM =
  'flex min-h-11 items-center gap-3 px-4 font-label text-xl outline-none data-[highlighted]:bg-ink data-[highlighted]:text-paper aria-[current]:font-semibold aria-[current]:underline aria-[current]:underline-offset-4';

/** Pages of a job, search, theme and degree scale; open when first rendered. */
export const PageMenuWhole = ({ className, label: name, face, pages, here, onCommands }: PageMenuProps) => {
  const { theme, setTheme } = useTheme();
  const { scale, choose } = useDegreeChoice();
  return (
    <DropdownMenu.Root modal={false} defaultOpen>
      <DropdownMenu.Trigger className={className} aria-label={name}>
        {face}
      </DropdownMenu.Trigger>
      <DropdownMenu.Content
        align="end"
        sideOffset={4}
        collisionPadding={8}
        className="z-40 max-h-[85dvh] min-w-56 overflow-y-auto rounded border border-line-strong bg-sheet shadow-md"
      >
        {pages.map(({ path, title, href }) => (
          <DropdownMenu.Item key={path} asChild>
            <Link href={href} prefetch={false} aria-current={path === here ? 'page' : undefined} className={ITEM}>
              {title}
            </Link>
          </DropdownMenu.Item>
        ))}
        <DropdownMenu.Separator className="h-px bg-line" />
        <DropdownMenu.Item className={ITEM} onSelect={onCommands}>
          Find anything…
        </DropdownMenu.Item>
        <DropdownMenu.Item asChild>
          <Link href={guideFor(here)} prefetch={false} className={ITEM}>
            Guide to this page
          </Link>
        </DropdownMenu.Item>
        <DropdownMenu.Label className="eyebrow px-4 pt-2">Screen theme</DropdownMenu.Label>
        <DropdownMenu.RadioGroup value={theme} onValueChange={(next) => setTheme(next as Theme)}>
          {(Object.keys(THEME_LABELS) as Theme[]).map((each) => (
            <DropdownMenu.RadioItem key={each} value={each} className={ITEM}>
              <span aria-hidden className="w-4">
                {each === theme ? '✓' : ''}
              </span>
              {THEME_LABELS[each]}
            </DropdownMenu.RadioItem>
          ))}
        </DropdownMenu.RadioGroup>
        <DropdownMenu.Label className="eyebrow px-4 pt-2">Temperature scale</DropdownMenu.Label>
        <DropdownMenu.RadioGroup value={scale} onValueChange={(next) => choose(next as DegreeScale)}>
          {(['F', 'C'] as const).map((each) => (
            <DropdownMenu.RadioItem key={each} value={each} className={ITEM}>
              <span aria-hidden className="w-4">
                {each === scale ? '✓' : ''}
              </span>
              °{each}
            </DropdownMenu.RadioItem>
          ))}
        </DropdownMenu.RadioGroup>
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
};
