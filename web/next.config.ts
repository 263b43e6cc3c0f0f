import path from 'node:path';
import type { NextConfig } from 'next';

const root = path.join(import.meta.dirname, '..');

const config: NextConfig = {
  transpilePackages: ['@herrero/core'],
  turbopack: { root },
  outputFileTracingRoot: root,
  poweredByHeader: false,
  // Some browsers ask for this one before they have read which icon the page has.
  rewrites: () => Promise.resolve([{ source: '/favicon.ico', destination: '/icon.svg' }]),
  devIndicators: false,
};
export default config;
