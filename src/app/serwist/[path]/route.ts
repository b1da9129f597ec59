import { randomUUID } from 'node:crypto';
import { createSerwistRoute } from '@serwist/turbopack';

/**
 * The service worker that opens the application offline. Built with a list of everything a device stores; each build
 * has its own shell.
 */
export const { dynamic, dynamicParams, revalidate, generateStaticParams, GET } = createSerwistRoute({
  swSrc: 'src/workers/service.worker.ts',
  useNativeEsbuild: true,
  nextConfig: { distDir: '.next' },
  globPatterns: ['.next/static/**/*.{js,css,woff2,svg}'],
  additionalPrecacheEntries: [{ url: '/shell', revision: randomUUID() }],
  esbuildOptions: { sourcemap: false },
});
