export type Theme = 'paper' | 'crawlspace';

/** Remembers the theme, so that the server paints the page in it from the start. */
export const THEME_COOKIE = 'gate-cross-theme';

/** Turns the lights out, or on again. */
export const switchTheme = (): void => {
  const next: Theme = document.documentElement.dataset.theme === 'crawlspace' ? 'paper' : 'crawlspace';
  document.documentElement.dataset.theme = next;
  document.cookie = `${THEME_COOKIE}=${next}; path=/; max-age=31536000; samesite=lax`;
};
