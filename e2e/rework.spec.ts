import type { Page } from '@playwright/test'
import { alive, copyAt, copyJob, copyUntil, expect, nextStep, notice, strike, test } from './bench'

const selected = (page: Page) => page.getByRole('listbox').getByRole('option', { selected: true })
const spaces = async (page: Page, count: number) => {
  for (let i = 0; i < count; i++) await strike(page, 'Space')
}

test('a pushed-back contact of the pigtail comes out with its sleeve and goes in again, by keyboard', async ({
  bench: page,
  request,
}) => {
  const id = await copyJob(request, 'sonde-pigtail')
  await page.goto(`/jobs/${id}/seat`)
  await alive(page)
  await expect(page.getByRole('heading', { name: 'Not home in S.K' })).toBeVisible()
  await expect(page.getByText('RL-S10')).toBeVisible()
  await expect(page.getByTestId('face-side')).toHaveText('WIRE FACE')
  // the backshell first: it covers the wires
  await expect(page.getByRole('group', { name: 'Checks' })).toContainText('BS-20 loosened, back over the wires')
  await strike(page, 'Space')
  // the side view shows the step that is due
  await expect(page.getByRole('img', { name: /Push the wire in/ })).toBeVisible()
  await strike(page, 'Space')
  await expect(page.getByRole('img', { name: /Slit sleeve/ })).toBeVisible()
  await spaces(page, 4)
  await expect(page.getByRole('heading', { name: /Press it in straight, with the tool/ })).toBeVisible()
  await expect(page.getByText('the tip that bears on the', { exact: false }).first()).toBeVisible()
  // wire in the slot, square, click, tool out, tug, then seated
  await spaces(page, 6)
  // hands were at this end: it is looked over again
  await expect(page.getByRole('heading', { name: 'Look from both sides' })).toBeVisible()
  await spaces(page, 3)
  await expect(page.getByRole('link', { name: /Seat/ })).toContainText('22/22')
  await expect(page.getByRole('heading', { name: 'Seat is done' })).toBeVisible()
  await spaces(page, 1)
  await page.waitForURL(/\/prove/)
  const { entries } = (await (await request.get(`/api/v1/jobs/${id}/journal?limit=100`)).json()) as {
    entries: Record<string, unknown>[]
  }
  expect(entries.filter((entry) => entry.kind === 'extracted')).toMatchObject([
    { term: '1/S7/a', why: 'not-home', tool: 'RL-S10' },
  ])
})

test('the re-pin shows its whole plan, is followed step by step, and goes on after a reload', async ({
  bench: page,
  request,
}) => {
  const id = await copyJob(request, 'spare-pump')
  await page.goto(`/jobs/${id}/seat`)
  await alive(page)
  await strike(page, 'v')
  await expect(page.getByRole('heading', { name: '23 steps from here' })).toBeVisible()
  await expect(
    page.getByText('9 contacts to take out: each in a wrong cavity once, there is no way with fewer.'),
  ).toBeVisible()
  await expect(
    page.getByText('3 wires to put aside, one for each closed ring; never more than one at a time.'),
  ).toBeVisible()
  const pdf = await request.get(`/jobs/${id}/papers/move-plan.pdf`)
  expect([pdf.status(), pdf.headers()['content-type'], (await pdf.body()).subarray(0, 5).toString()]).toEqual([
    200,
    'application/pdf',
    '%PDF-',
  ])
  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'This face as SVG' }).click(),
  ])
  expect(svg.suggestedFilename()).toBe('spare-pump-lead-C-moves.svg')
  await strike(page, 'Escape')
  // one wire leaves the bundle and one comes into it
  for (const wire of ['P14', 'P15']) {
    await expect(page.getByRole('heading', { name: `Open the lacing along ${wire}` })).toBeVisible()
    await spaces(page, 3)
  }
  // begun at another end than the plan would: it goes on from there
  await page.goto(`/jobs/${id}/seat?at=${encodeURIComponent('1.A.put-right.1/P09/a')}`)
  await alive(page)
  // gate open, mat up, out, mat looked at
  await expect(page.getByText('put it aside, with a tag that says P09a')).toBeVisible()
  await spaces(page, 5)
  await expect(selected(page)).toContainText('in A.20: take out')
  await page.reload()
  await alive(page)
  await expect(page.getByRole('listbox')).not.toContainText('in A.22: take out')
  await strike(page, 'v')
  // P09 hangs out: its ring is finished first
  await expect(page.getByRole('listitem').filter({ hasText: 'Take P11a out of A.20' })).toHaveAttribute(
    'data-next',
    'true',
  )
  await strike(page, 'Escape')
  const out = (found: string, cavity: string) =>
    page.getByRole('heading', { name: `In A.${found}, belongs in A.${cavity}` })
  const into = async (wire: string, cavity: string) => {
    await expect(selected(page)).toContainText(`A.${cavity}`)
    await expect(page.getByRole('complementary', { name: 'This task' })).toContainText(wire)
    await expect(page.getByRole('heading', { name: /Slide it in straight|Press it in straight/ })).toBeVisible()
  }
  await expect(out('20', '22')).toBeVisible()
  await spaces(page, 4)
  await into('P11a', '22')
  await spaces(page, 5)
  await expect(out('19', '20')).toBeVisible()
  await spaces(page, 4)
  await into('P10a', '20')
  await spaces(page, 5)
  await into('P09a', '19')
  await spaces(page, 5)
  await expect(out('19', '20')).toHaveCount(0)
  const { entries } = (await (await request.get(`/api/v1/jobs/${id}/journal?limit=200`)).json()) as {
    entries: Record<string, unknown>[]
  }
  expect(entries.filter((entry) => entry.kind === 'seated')).toMatchObject([
    { term: '1/P11/a', cavity: '22' },
    { term: '1/P10/a', cavity: '20' },
    { term: '1/P09/a', cavity: '19' },
  ])
})

test('a closed lock is opened on the way in, with the same pedal', async ({ bench: page, request }) => {
  const id = await copyAt(request, 'spare-pump', 'seat')
  await page.goto(`/jobs/${id}/seat`)
  await alive(page)
  await expect(page.getByRole('heading', { name: 'Open the lacing along P15' })).toBeVisible()
  await spaces(page, 3)
  await expect(page.getByRole('checkbox', { name: /Front cover off/ })).toHaveAttribute('aria-checked', 'false')
  // front cover, rear gate, right way up, through the mat, click, tug, then seated
  await spaces(page, 7)
  await expect(page.getByRole('heading', { name: /take the plug out/ })).toBeVisible()
  const { entries } = (await (await request.get(`/api/v1/jobs/${id}/journal?limit=400`)).json()) as {
    entries: Record<string, unknown>[]
  }
  expect(entries.slice(-2)).toMatchObject([
    { kind: 'lock-moved', end: 'A', to: 'open' },
    { kind: 'seated', term: '1/P15/a', cavity: '27', checked: ['right-way-up', 'through-mat', 'click', 'tug'] },
  ])
})

test('a broken contact: what it takes is said before it begins, then it comes out and is made again', async ({
  bench: page,
  request,
}) => {
  const id = await copyJob(request, 'sonde-pigtail')
  await page.goto(`/jobs/${id}/seat?at=${encodeURIComponent('1.S.insert.1/S2/a')}`)
  await alive(page)
  await strike(page, 'x')
  await page.getByRole('button', { name: /The contact is broken/ }).click()
  await expect(page.getByText(/It costs \d+ mm of wire; 11 mm are there to spare/)).toBeVisible()
  // chafed further back than the slack bears
  await page.getByLabel('Wire spoiled besides the old strip').fill('9 mm')
  await expect(page.getByText('to spare are not enough.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'A whole new wire instead' })).toBeVisible()
  await page.getByLabel('Wire spoiled besides the old strip').fill('')
  await page.getByRole('button', { name: /Begin: take it out/ }).click()
  await expect(nextStep(page)).toContainText('Take S2a out of S.B')
  await page.goto(`/jobs/${id}/seat`)
  await alive(page)
  await page.getByRole('listbox').getByText('broken: out, and off').click()
  await expect(page.getByRole('heading', { name: 'Broken in S.B: out, and off' })).toBeVisible()
  await spaces(page, 6)
  await expect(page.getByRole('link', { name: /Crimp/ })).toContainText('7/8')
})

/** A voice that keeps what it is given to say. */
function listenToVoice(): void {
  const said: string[] = []
  Object.assign(window, { said })
  Object.defineProperty(window, 'speechSynthesis', {
    value: { cancel: () => undefined, speak: (one: SpeechSynthesisUtterance) => said.push(one.text) },
  })
}
const heard = (page: Page) => page.evaluate(() => (window as unknown as { said: string[] }).said)

test('the call-out speaks the next cavity once it is switched on, and is silent before', async ({ bench: page }) => {
  await page.addInitScript(listenToVoice)
  await page.goto(`/jobs/sonde-pigtail/seat?at=${encodeURIComponent('1.S.insert.1/S1/a')}`)
  await alive(page)
  const said = () => heard(page)
  expect(await said()).toEqual([])
  await page.getByRole('button', { name: 'Call out what is next' }).click()
  await expect.poll(said).toEqual(['Wire S 1 a, red. Into cavity A. In the centre'])
  await strike(page, 'j')
  await expect.poll(async () => (await said()).at(-1)).toMatch(/^Wire S 2 a, black. Into cavity B/)
})

test('the call-out goes on with the line that is due, and after the last with what closes the card', async ({
  bench: page,
  request,
}) => {
  await page.addInitScript(listenToVoice)
  const id = await copyUntil(
    request,
    'deck-loom',
    (_state, step) => step.kind === 'seat' && step.task.kind === 'insert',
  )
  await page.goto(`/jobs/${id}/seat`)
  await alive(page)
  await page.getByRole('button', { name: 'Call out what is next' }).click()
  // the place first, then the line
  await expect.poll(async () => (await heard(page)).length).toBe(2)
  expect((await heard(page))[0]).toMatch(/^Wire .*Into cavity/)
  const lines = await page.getByRole('group', { name: 'Checks' }).getByRole('checkbox').count()
  for (let line = 1; line <= lines; line++) {
    const due = (await heard(page)).at(-1) ?? ''
    await expect(page.locator('[data-due="true"]')).toContainText(due)
    await strike(page, 'Space')
    await expect.poll(async () => (await heard(page)).length).toBe(2 + line)
  }
  expect((await heard(page)).at(-1)).toBe('Seated')
})

test('something is wrong: what the hand notices leads to why, to what to do now, and into the record', async ({
  bench: page,
  request,
}) => {
  const id = await copyJob(request, 'sonde-pigtail')
  await page.goto(`/jobs/${id}/seat?at=${encodeURIComponent('1.S.insert.1/S1/a')}`)
  await alive(page)
  await strike(page, 'x')
  await page.getByRole('button', { name: /It stands low/ }).click()
  await page
    .getByRole('button', { name: /Its seal is rucked up|pushed it back/ })
    .first()
    .click()
  await expect(page.getByText('Take it out, look at lance and crimp, seat it again.')).toBeVisible()
  await strike(page, 'Space')
  await expect(page.getByRole('listbox')).toContainText('not home: take out')
  await strike(page, 'u')
  await expect(notice(page)).toContainText('Taken back: seating fault')
})

test('a harness that is there is taken over from its pinout as it is', async ({ bench: page }) => {
  await page.goto('/new')
  await alive(page)
  await page
    .getByLabel('or paste its rows')
    .fill(
      'wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length\nR1,TW-0.75,RD,P1,1,CM-3P,P2,1,SW-2P,620 mm',
    )
  await page.getByLabel('What is to be done').selectOption('repair')
  await page.getByLabel('Wire to spare at each').fill('twelve')
  await page.getByRole('button', { name: /Make the job/ }).click()
  // said at the field that is wrong
  await expect(page.getByLabel('Wire to spare at each')).toHaveAccessibleDescription(/Wire to spare: .*is no figure/)
  await page.getByLabel('Wire to spare at each').fill('12 mm')
  await page.getByRole('button', { name: /Make the job/ }).click()
  await page.waitForURL('**/plan')
  await expect(page.getByRole('link', { name: /Crimp/ })).toContainText('2/2')
  await expect(nextStep(page)).toContainText('Probe 1 net')
})
