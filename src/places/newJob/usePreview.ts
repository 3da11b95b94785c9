import { useEffect, useState } from 'react'
import { newJobPlaceWords as words } from '@/words/screens/newJob/newJobPlace'
import { unanswered } from '@/words/unanswered'
import type { Preview } from './preview'

/** A hand that types is waited for. */
const PAUSE_MS = 250

/** How the bench would read a pinout, asked again when it or its housings change; and why there is no answer. */
export function usePreview(
  csv: string,
  ends: Readonly<Record<string, string>>,
  tell: (message: string | undefined) => void,
): { readonly preview: Preview | undefined; /** it is of what is asked about by now */ readonly isNow: boolean } {
  const [answer, setAnswer] = useState<{ readonly csv: string; readonly picks: string; readonly preview: Preview }>()
  // a form makes its values anew at every key, also of another field: what they say is what counts
  const picks = JSON.stringify(ends)
  useEffect(() => {
    if (csv.trim() === '') {
      setAnswer(undefined)
      return undefined
    }
    const leave = new AbortController()
    const ask = async () => {
      try {
        const response = await fetch('/api/v1/pinout/preview', {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ csv, ends: JSON.parse(picks) as unknown }),
          signal: leave.signal,
        })
        if (response.ok) setAnswer({ csv, picks, preview: (await response.json()) as Preview })
        tell(response.ok ? undefined : response.status === 413 ? words.thisPinoutIsLarger : words.benchCouldNotRead)
      } catch {
        if (!leave.signal.aborted) tell(unanswered(words.whatYouTypedIs))
      }
    }
    const timer = setTimeout(() => void ask(), PAUSE_MS)
    return () => {
      clearTimeout(timer)
      leave.abort()
    }
  }, [csv, picks, tell])
  return { preview: answer?.preview, isNow: answer?.csv === csv && answer.picks === picks }
}
