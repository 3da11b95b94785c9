/**
 * Runs once the browser has laid out what has just changed. What asks where things lie, or moves them, before that makes it lay
 * the page out twice.
 *
 * @returns calls it off
 */
export function afterLayout(run: () => void): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined
  const frame = requestAnimationFrame(() => {
    timer = setTimeout(run)
  })
  return () => {
    cancelAnimationFrame(frame)
    clearTimeout(timer)
  }
}
