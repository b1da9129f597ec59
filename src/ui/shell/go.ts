import { jobScreen, screenPathOf } from './screens';

/** Whether the page was reached by a tap here, not by going back: it starts at its top, or at the address's anchor. */
let isFresh = false;

/** Scrolls to the start of a page reached by a tap; one reached by going back keeps its position. */
export const scrollToTop = (): void => {
  if (!isFresh) return;
  isFresh = false;
  const target = document.getElementById(decodeURIComponent(window.location.hash.slice(1)));
  if (target) target.scrollIntoView();
  else window.scrollTo(0, 0);
};

/** Goes to another screen of the open job without asking the server: everything is here. */
export const goInJob = (href: string): void => {
  isFresh = true;
  const before = window.location.pathname;
  window.history.pushState(null, '', href);
  // The same screen is not rendered again, so nothing else scrolls it.
  if (window.location.pathname === before) requestAnimationFrame(scrollToTop);
};

/** Handles a tap on a link to another screen of the same job; modified clicks, as for a new tab, stay native. */
export const followInJob = (event: React.MouseEvent, jobId: string): void => {
  if (event.defaultPrevented || event.button !== 0 || event.metaKey || event.ctrlKey || event.shiftKey || event.altKey)
    return;
  const link = (event.target as Element).closest('a');
  // An anchor on the displayed page is left to the browser.
  if (
    !(link instanceof HTMLAnchorElement) ||
    link.target ||
    link.hasAttribute('download') ||
    link.getAttribute('href')?.startsWith('#')
  )
    return;
  const to = new URL(link.href, window.location.href);
  if (to.origin !== window.location.origin || !to.pathname.startsWith(`/jobs/${jobId}/`)) return;
  if (!jobScreen(screenPathOf(to.pathname))) return;
  event.preventDefault();
  event.stopPropagation();
  goInJob(to.pathname + to.search + to.hash);
};
