import { cookies } from 'next/headers'
import { callerRefusal, secured } from '@/api/callerCheck'
import { dispatch } from '@/api/dispatch'
import { bench } from '@/data/bench'
import { report } from '@/data/log'
import { operatorCookie } from '@/core/base/operatorCookie'
import { world } from '@/data/world'

/** A part of the path as it was meant; one that is not well encoded stays as it is, and names nothing. */
function decoded(part: string): string {
  try {
    return decodeURIComponent(part)
  } catch {
    return part
  }
}

/** The open interface: one dispatcher over the table of endpoints. */
async function serve(request: Request, { params }: { params: Promise<{ path?: string[] }> }): Promise<Response> {
  const refusal = callerRefusal(request)
  if (refusal) return refusal
  const answered = secured(
    await dispatch(request, ((await params).path ?? []).map(decoded).join('/'), {
      bench,
      now: () => new Date(),
      by: (await cookies()).get(operatorCookie(world()))?.value ?? 'api',
      report,
    }),
  )
  // whoever started this server knows it by that
  if (process.env.URN_BENCH_RUN !== undefined) answered.headers.set('x-bench-run', process.env.URN_BENCH_RUN)
  return answered
}

export { serve as DELETE, serve as GET, serve as HEAD, serve as OPTIONS, serve as PATCH, serve as POST, serve as PUT }
