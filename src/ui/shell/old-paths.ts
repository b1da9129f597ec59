/**
 * Moved pages of a job: the old first part of a path below the job's address, and the present one. Bookmarks, sent
 * links, drafts on devices and printed pages hold old addresses.
 */
export const MOVED_PAGES: Readonly<Record<string, string>> = {
  sheet: 'survey',
  crossing: 'balance',
  day: 'simulate',
  trouble: 'diagnose',
};

/**
 * The present path of a job's screen.
 * @param path below the job's address, as in an old or a present link, such as `crossing/year`
 */
export const currentPath = (path: string): string => {
  const [page = '', ...rest] = path.split('/');
  return [Object.hasOwn(MOVED_PAGES, page) ? MOVED_PAGES[page]! : page, ...rest].join('/');
};
