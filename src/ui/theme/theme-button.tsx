'use client';

import { Flashlight, Lightbulb, Sun } from 'lucide-react';
import { nextTheme, useTheme } from './theme';
import { type Theme, THEME_LABELS } from './themes';

const ICONS = { paper: Lightbulb, crawlspace: Flashlight, sunlight: Sun } satisfies Record<Theme, unknown>;

/** The present theme; a tap switches to the next. */
export const ThemeButton = () => {
  const { theme } = useTheme();
  const Icon = ICONS[theme];
  return (
    <button
      type="button"
      className="bare-button"
      onClick={nextTheme}
      aria-label={`Screen theme: ${THEME_LABELS[theme]}. Change it`}
      title="Screen theme"
    >
      <Icon size={20} aria-hidden />
    </button>
  );
};
