import { NextResponse, type NextRequest } from 'next/server'
import { callerFault, securityHeaders } from './api/callerCheck'

export function proxy(request: NextRequest): NextResponse {
  const fault = callerFault(request.method, request.headers)
  if (fault) return NextResponse.json({ error: { code: fault.code, message: fault.message } }, { status: fault.status })
  const nonce = btoa(crypto.randomUUID())
  const development = process.env.NODE_ENV === 'development'
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' 'nonce-${nonce}'${development ? " 'unsafe-inline'" : ''}`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')
  const headers = new Headers(request.headers)
  headers.set('x-nonce', nonce)
  headers.set('content-security-policy', policy)
  const response = NextResponse.next({ request: { headers } })
  response.headers.set('Content-Security-Policy', policy)
  for (const [name, value] of Object.entries(securityHeaders)) response.headers.set(name, value)
  return response
}

// With a proxy, Next cuts bodies above 10 MB short: the open interface counts its own and checks its caller itself.
export const config = { matcher: ['/((?!_next/static|_next/image|icon.svg|api/).*)'] }
