'use client';

import { useSyncExternalStore } from 'react';
import { isTheme, type Theme, THEME_COOKIE, THEMES } from './themes';

const current = (): Theme => {
  const { theme } = document.documentElement.dataset;
  return isTheme(theme) ? theme : 'paper';
};

const subscribe = (onChange: () => void) => {
  const observer = new MutationObserver(onChange);
  observer.observe(document.documentElement, { attributeFilter: ['data-theme'] });
  return () => observer.disconnect();
};

const setTheme = (theme: Theme): void => {
  document.documentElement.dataset.theme = theme;
  document.cookie = `${THEME_COOKIE}=${theme}; path=/; max-age=31536000; samesite=lax`;
};

/** Switches to the next theme. */
export const nextTheme = (): void => setTheme(THEMES[(THEMES.indexOf(current()) + 1) % THEMES.length]!);

/** The present theme, and how to choose another. */
export const useTheme = () => ({ theme: useSyncExternalStore(subscribe, current, () => 'paper' as Theme), setTheme });
