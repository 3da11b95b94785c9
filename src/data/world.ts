import type { World } from '@/core/base/operatorCookie'

/** The world of this server process, as whoever started it said. */
export const world = (): World => (process.env.URN_BENCH_WORLD === 'practice' ? 'practice' : 'own')

/** Where the bench listens whose practice workshop this is; undefined for one's own bench. */
export function homePort(): number | undefined {
  const port = Number(process.env.URN_BENCH_HOME_PORT)
  return world() === 'practice' && Number.isInteger(port) && port > 0 ? port : undefined
}
