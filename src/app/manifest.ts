import type { MetadataRoute } from 'next';

/** The web app manifest. */
const manifest = (): MetadataRoute.Manifest => ({
  name: 'Gate Cross',
  short_name: 'Gate Cross',
  description: 'Heat-pump controls: what may run, how it is wired, whether it is right.',
  start_url: '/',
  display: 'standalone',
  background_color: '#f5f3ee',
  theme_color: '#f5f3ee',
  icons: [192, 512].flatMap((size) =>
    (['any', 'maskable'] as const).map((purpose) => ({
      src: `/icon-${size}.png`,
      sizes: `${size}x${size}`,
      type: 'image/png',
      purpose,
    })),
  ),
});

export default manifest;
