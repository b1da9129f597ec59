import '@fontsource/barlow/latin-400.css';
import '@fontsource/barlow/latin-500.css';
import '@fontsource/barlow/latin-600.css';
import '@fontsource/barlow-condensed/latin-500.css';
import '@fontsource/barlow-condensed/latin-600.css';
import '@fontsource/ibm-plex-mono/latin-400.css';
import '@fontsource/ibm-plex-mono/latin-600.css';
import '@/ui/theme/theme.css';
import type { Metadata, Viewport } from 'next';
import { cookies, headers } from 'next/headers';
import { currentViewer } from '@/server/access/signed-in';
import { DegreesProvider } from '@/ui/degrees/degrees';
import { ScreenProvider } from '@/ui/kit/screen';
import { Toasts } from '@/ui/kit/toasts';
import { queueEarlyInput } from '@/ui/loading/early-input/pre-hydration-queue';
import { DeviceOwner } from '@/ui/offline/device-owner';
import { ServiceWorkerSetup } from '@/ui/offline/service-worker';
import { DEGREES_COOKIE, isDegreeScale } from '@/ui/storage/degrees-cookie';
import { NARROW_COOKIE } from '@/ui/storage/screen-cookie';
import { isTheme, THEME_COOKIE } from '@/ui/theme/themes';

export const metadata: Metadata = {
  title: { default: 'Gate Cross', template: '%s · Gate Cross' },
  description: 'Heat-pump controls: what may run, how it is wired, whether it is right.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#f5f3ee' };

const EARLY = `(${queueEarlyInput.toString()})()`;

/** The viewer of this page; none on the offline shell, or if the database does not answer. */
const ownerOf = async (isNobodys: boolean) => {
  const found = isNobodys ? null : await currentViewer().catch(() => null);
  if (!found) return null;
  const { personId, crewId, name, role } = found.principal;
  return { personId, crewId, me: name, role, names: [], instruments: [] };
};

const RootLayout = async ({ children }: { children: React.ReactNode }) => {
  const asked = await headers();
  const nonce = asked.get('x-nonce') ?? undefined; // nonce per page, so no page is prerendered
  const owner = await ownerOf(asked.has('x-nobodys'));
  const kept = await cookies();
  const chosen = kept.get(THEME_COOKIE)?.value;
  const degrees = kept.get(DEGREES_COOKIE)?.value;
  const theme = isTheme(chosen) ? chosen : 'paper';
  return (
    <html lang="en" data-theme={theme} data-waking="">
      <body>
        {/* The browser hides a nonce from whoever looks for it, so that it seems to differ. */}
        <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: EARLY }} />
        {owner && <DeviceOwner who={owner} />}
        <ScreenProvider wasNarrow={kept.get(NARROW_COOKIE)?.value === 'yes'}>
          <DegreesProvider kept={isDegreeScale(degrees) ? degrees : null}>{children}</DegreesProvider>
        </ScreenProvider>
        <Toasts />
        <ServiceWorkerSetup />
      </body>
    </html>
  );
};

export default RootLayout;
