import type { NextConfig } from 'next';
import { earFile } from './bin/lib/earName.mjs';
import { safeHeaders } from './bin/lib/headers.mjs';
import { sheetIds } from './core/build/sections';

const config: NextConfig = {
  // The page has to know the name of the script that listens.
  env: { LORBET_EAR: earFile() },
  serverExternalPackages: ['sharp', 'sequelize', 'pg', 'pdfkit', 'umzug', 'pino', 'rate-limiter-flexible'],
  // `npm test` checks the types; checking them again would make every first start half a minute longer.
  typescript: { ignoreBuildErrors: true },
  poweredByHeader: false,
  // What gains by it is packed by whoever makes it (app/lib/packed.ts, bin/lib/shells.mjs).
  compress: false,
  devIndicators: false,
  // Every sheet of every build is one page; which build, only the device knows.
  rewrites: async () => [
    { source: '/builds/:id([0-9a-f-]{36})', destination: '/workspace' },
    { source: `/builds/:id([0-9a-f-]{36})/:sheet(${sheetIds.join('|')})/:section([a-z]+)?`, destination: '/workspace' },
    { source: '/join/:token', destination: '/join' },
  ],
  headers: async () => [
    { source: '/:path*', headers: safeHeaders },
    { source: '/api/:path*', headers: [{ key: 'Content-Security-Policy', value: "default-src 'none'; frame-ancestors 'none'" }] },
  ],
};
export default config;
