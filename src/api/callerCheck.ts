/** Who may call: programs and pages of this machine. Used by the pages' proxy and by the open interface alike. */

const LOOPBACK = new Set(['127.0.0.1', 'localhost', '[::1]'])

export type CallerFault = {
  readonly status: 421 | 403
  readonly code: 'wrong-host' | 'wrong-origin'
  readonly message: string
}

/**
 * Only names of this machine: a page elsewhere that points its own name here gets nothing. And a write must come from a
 * page of ours, or from a program, which sends no origin at all.
 */
export function callerFault(method: string, headers: Headers): CallerFault | undefined {
  const host = headers.get('host')
  if (host === null || !LOOPBACK.has(host.replace(/:\d+$/, '')))
    return { status: 421, code: 'wrong-host', message: 'This bench answers on its own machine only.' }
  if (method === 'GET' || method === 'HEAD') return undefined
  const origin = headers.get('origin')
  const site = headers.get('sec-fetch-site')
  const ours =
    origin !== null ? origin === `http://${host}` : site === null || site === 'same-origin' || site === 'none'
  return ours ? undefined : { status: 403, code: 'wrong-origin', message: 'Another site may not write here.' }
}

export const securityHeaders: Readonly<Record<string, string>> = {
  'X-Content-Type-Options': 'nosniff',
  'X-Frame-Options': 'DENY',
  'Referrer-Policy': 'same-origin',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Permissions-Policy': 'camera=(), microphone=(), geolocation=(), payment=()',
}

/** A response with the headers that every answer of this bench has. */
export function secured(response: Response): Response {
  for (const [name, value] of Object.entries(securityHeaders)) response.headers.set(name, value)
  return response
}

/** The answer to a caller who may not call; undefined for one who may. */
export function callerRefusal(request: Request): Response | undefined {
  const fault = callerFault(request.method, request.headers)
  return (
    fault && secured(Response.json({ error: { code: fault.code, message: fault.message } }, { status: fault.status }))
  )
}
