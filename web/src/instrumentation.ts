/**
 * Runs once when a server starts, before it answers. With HERRERO_DEMO=load the demo jobs that are missing are loaded,
 * with HERRERO_DEMO=reload those that are there get their first state back.
 */
export async function register(): Promise<void> {
  const wanted = process.env.HERRERO_DEMO;
  if (process.env.NEXT_RUNTIME !== 'nodejs' || (wanted !== 'load' && wanted !== 'reload')) return;
  const { loadDemos } = await import('./server/demo');
  await loadDemos(wanted === 'reload');
}
