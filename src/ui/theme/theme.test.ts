import { readFileSync } from 'node:fs';

/** Colors of each theme, by name in theme.css. */
const css = readFileSync('src/ui/theme/theme.css', 'utf8');
const colours = (selector: string): Record<string, string> =>
  Object.fromEntries(
    [
      ...css
        .slice(css.indexOf(selector), css.indexOf('}', css.indexOf(selector)))
        .matchAll(/--([a-z-]+): (#[0-9a-f]{6})/g),
    ].map(([, name, value]) => [name!, value!]),
  );

/** Relative luminance and contrast. Source: WCAG 2.2, 1.4.3. */
const luminance = (hex: string): number => {
  const [r, g, b] = [1, 3, 5]
    .map((at) => parseInt(hex.slice(at, at + 2), 16) / 255)
    .map((each) => (each <= 0.04045 ? each / 12.92 : ((each + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
};
const contrast = (one: string, other: string): number => {
  const [light, dark] = [luminance(one), luminance(other)].sort((a, b) => b - a);
  return (light! + 0.05) / (dark! + 0.05);
};

const THEMES = { paper: ':root', crawlspace: "[data-theme='crawlspace']", sunlight: "[data-theme='sunlight']" };

test.each(Object.entries(THEMES))('%s: ink and quiet text have 7:1 contrast on every background', (_, selector) => {
  const theme = { ...colours(':root'), ...colours(selector) };
  for (const text of ['ink', 'quiet'])
    for (const ground of ['paper', 'sheet'])
      expect([text, ground, contrast(theme[text]!, theme[ground]!) >= 7]).toEqual([text, ground, true]);
  expect(contrast(theme['caution-ink']!, theme['caution-wash']!)).toBeGreaterThanOrEqual(7);
});

test('in sunlight every text color has 7:1; the focus ring 3:1 in every theme', () => {
  const sun = { ...colours(':root'), ...colours(THEMES.sunlight) };
  for (const name of ['pine', 'ember', 'plum', 'ice', 'slate', 'pass', 'warn', 'fail'])
    expect([name, contrast(sun[name]!, sun.paper!) >= 7]).toEqual([name, true]);
  for (const selector of Object.values(THEMES)) {
    const theme = { ...colours(':root'), ...colours(selector) };
    expect(contrast(theme.ring!, theme.paper!)).toBeGreaterThanOrEqual(3);
  }
});
