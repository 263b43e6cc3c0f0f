import 'server-only';

/** Secrets in a text: the key of a merchant's link, and what stands behind the question mark of an address. */
const hidden = (text: string): string =>
  text
    .replaceAll(/\/list\/[^/\s"?]+/g, '/list/...')
    .replaceAll(/\?[^\s"]*/g, '?...')
    .replaceAll(/:\/\/[^@\s/]+@/g, '://...@');

const plain = (value: unknown): unknown =>
  value instanceof Error
    ? {
        name: value.name,
        message: hidden(value.message),
        stack: value.stack === undefined ? undefined : hidden(value.stack),
        ...(value.cause ? { cause: plain(value.cause) } : {}),
      }
    : typeof value === 'string'
      ? hidden(value)
      : value;

/** One line of JSON on the error output: when, how bad, what, and what it belongs to. Nothing secret is in it. */
export function log(
  level: 'info' | 'warning' | 'error',
  said: string,
  about: Readonly<Record<string, unknown>> = {},
): void {
  const line = {
    at: new Date().toISOString(),
    level,
    said,
    ...Object.fromEntries(Object.entries(about).map(([name, value]) => [name, plain(value)])),
  };
  process.stderr.write(`${JSON.stringify(line)}\n`);
}
