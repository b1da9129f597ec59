import '@fontsource/barlow/latin-400.css';
import '@fontsource/barlow/latin-500.css';
import '@fontsource/barlow/latin-600.css';
import '@fontsource/barlow-condensed/latin-500.css';
import '@fontsource/barlow-condensed/latin-600.css';
import '@fontsource/ibm-plex-mono/latin-400.css';
import '@fontsource/ibm-plex-mono/latin-600.css';
import '@/ui/theme.css';
import type { Metadata, Viewport } from 'next';
import { cookies, headers } from 'next/headers';
import { isTheme, THEME_COOKIE } from '@/ui/themes';
import { Toasts } from '@/ui/toasts';

export const metadata: Metadata = {
  title: { default: 'Gate Cross', template: '%s · Gate Cross' },
  description: 'Heat-pump controls: what may run, how it is wired, is it right.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#f5f3ee' };

const RootLayout = async ({ children }: { children: React.ReactNode }) => {
  await headers(); // every page carries a nonce of its own, so none is made ahead
  const chosen = (await cookies()).get(THEME_COOKIE)?.value;
  const theme = isTheme(chosen) ? chosen : 'paper';
  return (
    <html lang="en" data-theme={theme}>
      <body>
        {children}
        <Toasts />
      </body>
    </html>
  );
};

export default RootLayout;
