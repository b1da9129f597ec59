import type { NextConfig } from 'next';
import { coreVersion } from './scripts/lib/core-version.mjs';
import { MOVED_PAGES } from './src/ui/shell/old-paths';

const config: NextConfig = {
  env: { CORE_VERSION: coreVersion() },
  poweredByHeader: false,
  reactStrictMode: true,
  typescript: { ignoreBuildErrors: true }, // types are their own step: `npm run types`
  serverExternalPackages: ['sequelize', 'pg', 'pino', '@node-rs/argon2', 'esbuild', '@swc/core'],
  // Queries come along by themselves.
  redirects: async () => [
    ...Object.entries(MOVED_PAGES).flatMap(([from, to]) => [
      { source: `/jobs/:jobId/${from}/:rest*`, destination: `/jobs/:jobId/${to}/:rest*`, permanent: true },
      { source: `/guide/${from}`, destination: `/guide/${to}`, permanent: true },
    ]),
    { source: '/api/jobs/:jobId/along', destination: '/api/jobs/:jobId/bundle', permanent: true },
  ],
  headers: async () => [
    {
      source: '/:path*',
      headers: [
        { key: 'X-Content-Type-Options', value: 'nosniff' },
        { key: 'X-Frame-Options', value: 'DENY' },
        { key: 'Referrer-Policy', value: 'same-origin' },
        { key: 'Permissions-Policy', value: 'camera=(), microphone=(), geolocation=()' },
        { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
      ],
    },
    // Asked for anew each time, so that a device learns of a new version.
    { source: '/serwist/:path*', headers: [{ key: 'Cache-Control', value: 'no-cache' }] },
  ],
};

export default config;
