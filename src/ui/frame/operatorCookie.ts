import { operatorCookie } from '@/core/base/operatorCookie'

/** The page says which world it shows. */
const cookieName = () => operatorCookie(document.documentElement.dataset.world === 'practice' ? 'practice' : 'own')

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
    channel = new BroadcastChannel(cookieName())
    channel.onmessage = tellHere
  }
  return channel
}

/** The id in the cookie; undefined when nobody has been picked. */
export function operatorId(): string | undefined {
  const found = document.cookie.split('; ').find((one) => one.startsWith(`${cookieName()}=`))
  if (found === undefined) return undefined
  try {
    return decodeURIComponent(found.slice(cookieName().length + 1))
  } catch {
    return undefined
  }
}

export function pickOperator(id: string): void {
  document.cookie = `${cookieName()}=${encodeURIComponent(id)}; path=/; max-age=${YEAR_S}; samesite=strict`
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
