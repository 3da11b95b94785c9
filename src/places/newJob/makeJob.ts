import { newJobPlaceWords as words } from '@/words/screens/newJob/newJobPlace'
import { unanswered } from '@/words/unanswered'
import { fail, ok, type Result } from '@/core/base/result'
import type { NewJobDraft } from './newJobDraft'

/** Makes a job of a draft through the open interface: its id, or the sentence why there is none. */
export async function makeJob(
  { title, csv, ends, kind }: NewJobDraft,
  slackMm: number | undefined,
): Promise<Result<string, string>> {
  const picks = Object.entries(ends)
    .map(([end, housing]) => `${end}:${housing}`)
    .join(',')
  const query = new URLSearchParams({
    title: title.trim() === '' ? words.newJob : title.trim(),
    ...(picks !== '' && { ends: picks }),
    kind,
    ...(slackMm !== undefined && { slackMm: String(slackMm) }),
  })
  try {
    const response = await fetch(`/api/v1/jobs?${query.toString()}`, {
      method: 'POST',
      headers: { 'content-type': 'text/csv' },
      body: csv,
    })
    const answer = (await response.json()) as { id?: string; error?: { issues?: { message: string }[] } }
    if (response.status === 201 && answer.id !== undefined) return ok(answer.id)
    return fail(answer.error?.issues?.[0]?.message ?? words.jobWasNotMade)
  } catch {
    return fail(unanswered(words.nothingWasMadeWhat))
  }
}
