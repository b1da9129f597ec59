import { randomUUID } from 'node:crypto';
import { createSerwistRoute } from '@serwist/turbopack';

/**
 * The service worker: what lets the application open offline. Made when the application is built, with a list of
 * everything that a device keeps; each build has a shell of its own.
 */
export const { dynamic, dynamicParams, revalidate, generateStaticParams, GET } = createSerwistRoute({
  swSrc: 'src/workers/service.worker.ts',
  useNativeEsbuild: true,
  nextConfig: { distDir: '.next' },
  globPatterns: ['.next/static/**/*.{js,css,woff2,svg}'],
  additionalPrecacheEntries: [{ url: '/shell', revision: randomUUID() }],
  esbuildOptions: { sourcemap: false },
});
