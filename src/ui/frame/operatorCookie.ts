import { OPERATOR_COOKIE } from '@/core/base/operatorCookie'

/** The one place that says who is at this bench: a cookie, which this browser's tabs read, and are told of when it changes. */

const YEAR_S = 31_536_000
const listeners = new Set<() => void>()
let channel: BroadcastChannel | undefined

const tellHere = () => {
  for (const listener of listeners) listener()
}

/** Other tabs. A browser without such channels follows when its tab is looked at again. */
function others(): BroadcastChannel | undefined {
  if (typeof BroadcastChannel === 'undefined') return undefined
  if (!channel) {
    channel = new BroadcastChannel(OPERATOR_COOKIE)
    channel.onmessage = tellHere
  }
  return channel
}

/** The id in the cookie; undefined when nobody has been picked. */
export function operatorId(): string | undefined {
  const found = document.cookie.split('; ').find((one) => one.startsWith(`${OPERATOR_COOKIE}=`))
  if (found === undefined) return undefined
  try {
    return decodeURIComponent(found.slice(OPERATOR_COOKIE.length + 1))
  } catch {
    return undefined
  }
}

export function pickOperator(id: string): void {
  document.cookie = `${OPERATOR_COOKIE}=${encodeURIComponent(id)}; path=/; max-age=${YEAR_S}; samesite=strict`
  tellHere()
  others()?.postMessage(id)
}

export function onOperator(listener: () => void): () => void {
  listeners.add(listener)
  others()
  window.addEventListener('focus', listener)
  return () => {
    listeners.delete(listener)
    window.removeEventListener('focus', listener)
  }
}
