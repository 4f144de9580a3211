/** Runs once when the server starts: settings are checked before anybody asks for anything, and it ends cleanly. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { begin } = await import('./store/lifecycle');
  begin();
}
