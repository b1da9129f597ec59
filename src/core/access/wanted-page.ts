/**
 * The page of this application that an address of its own asks for, as after signing in; `/` where it leads anywhere
 * else. Compared by origin once it is parsed as a browser parses it, which takes tabs and line ends out of an address.
 * @param wanted as it is in the address, from whoever made the link
 * @param origin of this application, such as `https://heat.example.org`
 */
export const wantedPage = (wanted: string, origin: string): string => {
  try {
    const url = new URL(wanted, origin);
    // A path that begins with two slashes would name another site where it stands by itself.
    const isOurs = url.origin === new URL(origin).origin && !url.pathname.startsWith('//');
    return isOurs ? `${url.pathname}${url.search}${url.hash}` : '/';
  } catch {
    return '/';
  }
};
