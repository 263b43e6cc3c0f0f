import path from 'node:path';
import type { NextConfig } from 'next';

const root = path.join(import.meta.dirname, '..');

const config: NextConfig = {
  transpilePackages: ['@herrero/core'],
  turbopack: { root },
  outputFileTracingRoot: root,
  serverExternalPackages: ['pdfkit', 'highs', 'piscina'],
  // The fonts of the PDFs are read from disk.
  outputFileTracingIncludes: {
    '/api/v1/threads/card.pdf': ['./assets/fonts/*'],
    '/api/v1/jobs/[id]/parts.pdf': ['./assets/fonts/*'],
  },
  // Types are checked once, by ./test.
  typescript: { ignoreBuildErrors: true },
  poweredByHeader: false,
  // On loopback it is work for nothing; the web server in front of it does that for others (docs/phones.md).
  compress: false,
  headers: () =>
    Promise.resolve([
      {
        source: '/_next/static/:path*',
        headers: [
          { key: 'X-Content-Type-Options', value: 'nosniff' },
          { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
          // A worker is a page of its own to this rule: it loads its own parts and the solver.
          {
            key: 'Content-Security-Policy',
            value: "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; frame-ancestors 'none'",
          },
        ],
      },
    ]),
  // Some browsers ask for this one before they have read which icon the page has.
  rewrites: () => Promise.resolve([{ source: '/favicon.ico', destination: '/icon.svg' }]),
  devIndicators: false,
};
export default config;
