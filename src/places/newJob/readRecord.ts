import { newJobPlaceWords as words } from '@/words/screens/newJob/newJobPlace'
import { unanswered } from '@/words/unanswered'

/** What came of a record that was brought to this bench. */
export type RecordRead =
  | { readonly kind: 'read'; readonly job: string }
  /** it is here: this is the job that it is */
  | { readonly kind: 'already'; readonly job: string }
  /** one that is here begins alike and goes on otherwise */
  | { readonly kind: 'forked'; readonly message: string }
  | { readonly kind: 'refused'; readonly message: string }

export const isRecordFile = (file: File): boolean => /\.json$/i.test(file.name)

/**
 * Reads a job's record in from its file.
 * @param copy beside the job that it is, or that begins alike
 */
export async function readRecord(text: string, name: string, copy: boolean): Promise<RecordRead> {
  const query = new URLSearchParams({ file: name.slice(0, 200), ...(copy && { copy: '1' }) })
  try {
    const response = await fetch(`/api/v1/jobs?${query.toString()}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: text,
    })
    const { id, already, error } = (await response.json()) as {
      readonly id?: string
      readonly already?: boolean
      readonly error?: {
        readonly code: string
        readonly message?: string
        readonly issues?: readonly { readonly path: readonly (string | number)[]; readonly message: string }[]
      }
    }
    if (id !== undefined) return { kind: already ? 'already' : 'read', job: id }
    const [issue] = error?.issues ?? []
    const message = issue ? `${issue.path.join('.')} ${issue.message}`.trim() : (error?.message ?? words.jobWasNotMade)
    return { kind: response.status === 409 ? 'forked' : 'refused', message }
  } catch {
    return { kind: 'refused', message: unanswered(words.nothingWasMadeWhat) }
  }
}
