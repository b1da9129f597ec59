import { jobScreen, screenPathOf } from './screens';

/** Whether the next page came by a tap here, not by going back: it begins at its top, or at what the address names. */
let isFresh = false;

/** Scrolls to where a page that was just gone to begins; one that was come back to stays where it was. */
export const scrollToTop = (): void => {
  if (!isFresh) return;
  isFresh = false;
  const target = document.getElementById(decodeURIComponent(window.location.hash.slice(1)));
  if (target) target.scrollIntoView();
  else window.scrollTo(0, 0);
};

/** Goes to another screen of the job that is open. The server is not asked: everything is here. */
export const goInJob = (href: string): void => {
  isFresh = true;
  const before = window.location.pathname;
  window.history.pushState(null, '', href);
  // The same screen is not drawn anew, so nothing else scrolls it.
  if (window.location.pathname === before) requestAnimationFrame(scrollToTop);
};

/** Takes a tap on a way to another screen of the same job; what else a tap means, as in a new tab, stays as it is. */
export const followInJob = (event: React.MouseEvent, jobId: string): void => {
  if (event.defaultPrevented || event.button !== 0 || event.metaKey || event.ctrlKey || event.shiftKey || event.altKey)
    return;
  const link = (event.target as Element).closest('a');
  // A place on the page that is shown is the browser's own to go to.
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
