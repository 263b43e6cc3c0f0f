import path from 'node:path';
import type { NextConfig } from 'next';

const root = path.join(import.meta.dirname, '..');

const config: NextConfig = {
  transpilePackages: ['@herrero/core'],
  turbopack: { root },
  outputFileTracingRoot: root,
  poweredByHeader: false,
  devIndicators: false,
};
export default config;
