import { randomBytes } from 'node:crypto'
import pino from 'pino'

export const log = pino({ level: process.env.LOG_LEVEL ?? 'info' })

/** Writes what broke to the log; the id that is returned stands beside it. */
export function report(error: unknown): string {
  const id = randomBytes(4).toString('hex')
  log.error({ id, err: error }, 'something broke')
  return id
}
