import type { IncomingMessage, ServerResponse } from 'node:http'
import { badText } from '@/core/base/badText'
import { securityHeaders } from './callerCheck'

/** Methods that some path of this bench knows. */
const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS']

export interface RequestFault {
  readonly status: number
  readonly code: string
  readonly message: string
  readonly allow?: string
}

/** What no page and no endpoint could read: said here, since the framework would answer in HTML, or with nothing. */
export function requestFault(method: string | undefined, url: string): RequestFault | undefined {
  if (!METHODS.includes(method ?? ''))
    return {
      status: 405,
      code: 'method-not-allowed',
      message: `use ${METHODS.join(', ')}`,
      allow: METHODS.join(', '),
    }
  try {
    const path = decodeURIComponent(url.split('?')[0] ?? '')
    decodeURIComponent((url.split('?')[1] ?? '').replaceAll('+', ' '))
    return badText(path) === undefined
      ? undefined
      : { status: 404, code: 'not-found', message: 'there is nothing at such a path' }
  } catch {
    return {
      status: 400,
      code: 'bad-input',
      message: 'the path is not encoded as UTF-8: % stands before two hex digits',
    }
  }
}

const headersOf = (fault: RequestFault) => ({
  ...securityHeaders,
  'Content-Type': 'application/json; charset=utf-8',
  'Cache-Control': 'no-store',
  ...(fault.allow !== undefined && { Allow: fault.allow }),
})
const bodyOf = ({ code, message }: RequestFault) => JSON.stringify({ error: { code, message } })

/** Answers a request that nothing behind could read. @returns true when it did */
export function guard(request: IncomingMessage, response: ServerResponse): boolean {
  const fault = requestFault(request.method, request.url ?? '/')
  if (!fault) return false
  response.writeHead(fault.status, headersOf(fault))
  response.end(request.method === 'HEAD' ? undefined : bodyOf(fault))
  return true
}

/** The answer to bytes that are no request, as they go over the wire. */
export function rawAnswer(): string {
  const fault: RequestFault = { status: 400, code: 'bad-input', message: 'that is no HTTP request' }
  const body = bodyOf(fault)
  const headers = { ...headersOf(fault), 'Content-Length': String(Buffer.byteLength(body)), Connection: 'close' }
  const lines = Object.entries(headers).map(([name, value]) => `${name}: ${value}`)
  return `HTTP/1.1 400 Bad Request\r\n${lines.join('\r\n')}\r\n\r\n${body}`
}
