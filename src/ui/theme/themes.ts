/** Themes. */
export const THEME_LABELS = { paper: 'Paper', crawlspace: 'Crawlspace', sunlight: 'Sunlight' } as const;
export type Theme = keyof typeof THEME_LABELS;
export const THEMES = Object.keys(THEME_LABELS) as Theme[];

/** Whether a text names a theme. */
export const isTheme = (text: string | undefined): text is Theme => THEMES.includes(text as Theme);

/** Remembers the theme, so that the server renders in it. */
export const THEME_COOKIE = 'gate-cross-theme';
