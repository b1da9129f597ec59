/**
 * The page to open after sign-in, from the address; `/` if it points outside this application. Compares origins after
 * parsing, because browsers strip tabs and line breaks from addresses.
 * @param wanted as it is in the address, from whoever made the link
 * @param origin of this application, such as `https://heat.example.org`
 */
export const wantedPage = (wanted: string, origin: string): string => {
  try {
    const url = new URL(wanted, origin);
    // A path that begins with two slashes is an address on another host.
    const isOurs = url.origin === new URL(origin).origin && !url.pathname.startsWith('//');
    return isOurs ? `${url.pathname}${url.search}${url.hash}` : '/';
  } catch {
    return '/';
  }
};
