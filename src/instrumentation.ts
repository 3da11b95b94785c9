/** Opens the data when the server starts, so that the first page does not wait for it, and a second starter is told at once. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { openAtStart } = await import('./data/openAtStart')
  await openAtStart()
}
