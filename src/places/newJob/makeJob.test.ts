import { afterEach, expect, test, vi } from 'vitest'
import { makeJob } from './makeJob'
import { emptyDraft } from './newJobDraft'

afterEach(() => vi.unstubAllGlobals())

/** The bench answers so; what it was asked is kept. */
function answering(status: number, body: unknown) {
  const asked: { readonly url: URL; readonly init: RequestInit | undefined }[] = []
  vi.stubGlobal('fetch', (url: string, init?: RequestInit) => {
    asked.push({ url: new URL(url, 'http://bench'), init })
    return Promise.resolve(Response.json(body, { status }))
  })
  return asked
}

test('a job is asked for with its title, kind, housings and slack, and the pinout as it is', async () => {
  const asked = answering(201, { id: 'loom-1' })
  const draft = {
    ...emptyDraft,
    title: ' Mast loom ',
    csv: 'wire\nW1',
    ends: { A: 'CM-3P', B: 'SW-2P' },
    kind: 're-pin' as const,
  }
  expect(await makeJob(draft, 12.5)).toEqual({ ok: true, value: 'loom-1' })
  const [one] = asked
  expect(Object.fromEntries(one?.url.searchParams ?? [])).toEqual({
    title: 'Mast loom',
    ends: 'A:CM-3P,B:SW-2P',
    kind: 're-pin',
    slackMm: '12.5',
  })
  expect(one?.init).toMatchObject({ method: 'POST', body: 'wire\nW1', headers: { 'content-type': 'text/csv' } })
})

test('without a title it has the one of a new job, and nothing is said that was not said', async () => {
  const asked = answering(201, { id: 'x' })
  await makeJob(emptyDraft, undefined)
  expect(Object.fromEntries(asked[0]?.url.searchParams ?? [])).toEqual({ title: 'New job', kind: 'build' })
})

test('what the bench refuses is said in its words; an answer without words in ours', async () => {
  answering(400, { error: { issues: [{ message: 'end A has no housing' }] } })
  expect(await makeJob(emptyDraft, undefined)).toEqual({ ok: false, fault: 'end A has no housing' })
  answering(500, {})
  const broken = await makeJob(emptyDraft, undefined)
  expect(broken.ok ? '' : broken.fault).toMatch(/was not made/)
})

test('a bench that does not answer loses nothing', async () => {
  vi.stubGlobal('fetch', () => Promise.reject(new Error('no way there')))
  const made = await makeJob(emptyDraft, undefined)
  expect(made.ok ? '' : made.fault).toMatch(/what you typed is kept/)
})
