import { existsSync } from 'node:fs';
import { GUIDE_PARTS, guideFor } from './guide-parts';
import { PAGE_WORDS } from './page-words';
import { JOB_PAGES, JOB_SCREENS } from './screens';

describe('the list of screens', () => {
  test('gives the pages in working order: as many as there are digit keys', () => {
    expect(JOB_PAGES.map(({ title }) => title)).toEqual([
      'Survey',
      'Strips',
      'Wiring',
      'Setup',
      'Balance',
      'Simulate',
      'Startup',
      'Diagnose',
      'Handover',
    ]);
  });

  test('has each path and each title once, and every screen belongs to a page', () => {
    const paths = JOB_SCREENS.map(({ path }) => path);
    expect(new Set(paths).size).toBe(paths.length);
    expect(new Set(JOB_SCREENS.map(({ title }) => title)).size).toBe(JOB_SCREENS.length);
    const pages = JOB_PAGES.map(({ path }) => path);
    for (const path of paths) expect(pages).toContain(path.split('/')[0]);
  });

  test('gives each page its search words and its part of the guide', () => {
    expect(Object.keys(PAGE_WORDS).sort()).toEqual(JOB_PAGES.map(({ path }) => path).sort());
    for (const { path } of JOB_PAGES) expect(guideFor(path)).toBe(`/guide/${path}`);
    expect(guideFor('nowhere')).toBe('/guide/start');
    for (const { file } of GUIDE_PARTS) expect(existsSync(`docs/guide/${file}`)).toBe(true);
  });
});
