/** What every answer carries, in one place. */
const ALWAYS: Readonly<Record<string, string>> = {
  'X-Content-Type-Options': 'nosniff',
  'X-Frame-Options': 'DENY',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Permissions-Policy':
    'accelerometer=(), camera=(), display-capture=(), geolocation=(), gyroscope=(), microphone=(), payment=(), usb=()',
};

/**
 * What a page may load and run: its own files, and the scripts that carry the word of this one answer. Styles stand in
 * attributes of drawings, so they are let through; WebAssembly is the cutting solver's.
 */
export const contentPolicy = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic' 'wasm-unsafe-eval'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

/** A merchant's link is its own key: no page that is opened from there is told of it. */
const isSecret = (path: string): boolean => path.startsWith('/list/');

/** Headers of an answer to this path, by this word. */
export const securityHeaders = (path: string, nonce: string): Readonly<Record<string, string>> => ({
  ...ALWAYS,
  'Content-Security-Policy': contentPolicy(nonce),
  'Referrer-Policy': isSecret(path) ? 'no-referrer' : 'same-origin',
  // What is worked out for a job is of this moment; a route that knows better (an ETag, a file that never changes) says so.
  ...(path.startsWith('/api/') ? { 'Cache-Control': 'no-store' } : {}),
});
