import { cookies } from 'next/headers'
import { callerFault, securityHeaders } from '@/api/callerCheck'
import { dispatch } from '@/api/dispatch'
import { bench } from '@/data/bench'
import { report } from '@/data/log'
import { OPERATOR_COOKIE } from '@/data/operator'

/** The open interface: one dispatcher over the table of endpoints. */
async function serve(request: Request, { params }: { params: Promise<{ path: string[] }> }): Promise<Response> {
  const fault = callerFault(request.method, request.headers)
  const response = fault
    ? Response.json({ error: { code: fault.code, message: fault.message } }, { status: fault.status })
    : await dispatch(request, (await params).path.map(decodeURIComponent).join('/'), {
        bench,
        now: () => new Date(),
        by: (await cookies()).get(OPERATOR_COOKIE)?.value ?? 'api',
        report,
      })
  for (const [name, value] of Object.entries(securityHeaders)) response.headers.set(name, value)
  return response
}

export { serve as DELETE, serve as GET, serve as HEAD, serve as PATCH, serve as POST, serve as PUT }
