import type { APIRequestContext, Locator, Page } from '@playwright/test'
import { axeFaults } from './axe'
import { alive, copyJob, expect, nextStep, strike, test } from './bench'

const lead = `wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length,signal,current,group
W1,TW-0.75,RD,A,1,CM-3P,X,1,SW-5P,620 mm,supply,0.8 A,cable 1
W2,TW-0.75,BK,A,2,CM-3P,X,2,SW-5P,620 mm,return,0.8 A,cable 1
V1,TW-0.75,RD,B,2,CM-3R,X,4,SW-5P,620 mm,supply,0.8 A,
V2,TW-0.75,BK,B,3,CM-3R,X,5,SW-5P,620 mm,return,0.8 A,`

/** A lead that came for repair: two halves that would mate, wired one cavity apart. */
async function cameForRepair(request: APIRequestContext): Promise<string> {
  const made = await request.post('/api/v1/jobs?title=Lead&kind=repair&slackMm=40', {
    headers: { 'content-type': 'text/csv' },
    data: lead,
  })
  expect(made.status()).toBe(201)
  return ((await made.json()) as { id: string }).id
}
const journal = async (request: APIRequestContext, id: string) =>
  ((await (await request.get(`/api/v1/jobs/${id}/journal?limit=500`)).json()) as { entries: Record<string, unknown>[] })
    .entries
const at = (id: string, task: string) => `/jobs/${id}/seat?at=${encodeURIComponent(task)}`
/** Space until the step of the frame has changed. */
async function doStep(page: Page): Promise<void> {
  const before = await nextStep(page).innerText()
  for (let i = 0; i < 9 && (await nextStep(page).innerText()) === before; i++) await strike(page, 'Space')
}

test('a broken housing: its contacts go over into the new one, one by one, by keyboard', async ({
  bench: page,
  request,
}) => {
  const id = await cameForRepair(request)
  await page.goto(at(id, '1.A.lock.'))
  await alive(page)
  await expect(page.getByRole('heading', { name: 'The wedge of A is closed' })).toBeVisible()
  await strike(page, 'b')
  await strike(page, '2')
  await expect(page.getByText('All 2 contacts out of the old housing and into the new one, one by one')).toBeVisible()
  await expect(page.getByText(/1 × CM-3P/)).toBeVisible()
  expect(await axeFaults(page)).toEqual([])
  await strike(page, 'Space')
  await expect(page.getByRole('listbox')).toContainText('in A-old.')
  await strike(page, 'Enter')
  await expect(page.getByRole('heading', { name: /Out of the old housing, A-old\./ })).toBeVisible()
  for (let i = 0; i < 4; i++) {
    await expect(nextStep(page)).toContainText(i % 2 === 0 ? 'out of A-old.' : 'in A.')
    await doStep(page)
  }
  await expect(page.getByRole('listbox')).not.toContainText('A-old')
  const entries = await journal(request, id)
  expect(
    entries.filter((entry) => entry.kind === 'extracted' || entry.kind === 'seated').map((entry) => entry.kind),
  ).toEqual(['extracted', 'seated', 'extracted', 'seated'])
})

test('into a larger housing: numbers are mapped, the cost is said first, and Seat leads the contacts over', async ({
  bench: page,
  request,
}) => {
  const id = await cameForRepair(request)
  await page.goto(`/jobs/${id}/plan`)
  await alive(page)
  await page.getByRole('button', { name: 'Change end A' }).click()
  await page.getByLabel('Housing', { exact: true }).fill('CM-5P')
  await expect(page.getByLabel('New cavity of 2')).toHaveValue('2')
  // two wires cannot have one cavity
  await page.getByLabel('New cavity of 2').fill('1')
  await expect(page.getByRole('button', { name: 'Move 2 wires' })).toBeDisabled()
  await page.getByLabel('New cavity of 2').fill('5')
  expect(await axeFaults(page)).toEqual([])
  await page.getByRole('button', { name: 'Move 2 wires' }).click()
  await expect(page.getByRole('heading', { name: /This change moves or undoes work on 2 wires/ })).toBeVisible()
  await strike(page, 'Space')
  await expect(page.getByRole('region', { name: 'Revision' })).toHaveCount(0)
  await page.goto(`/jobs/${id}/seat`)
  await alive(page)
  await expect(page.getByRole('listbox')).toContainText('A.5')
  await strike(page, 'v')
  await expect(page.getByText('2 contacts to take out', { exact: false })).toBeVisible()
  await expect(page.getByText('None is put aside.')).toBeVisible()
})

test('two halves that are wired differently: the adapter is a job of its own', async ({ bench: page, request }) => {
  const id = await cameForRepair(request)
  await page.goto(`/jobs/${id}/plan`)
  await alive(page)
  await page.getByRole('button', { name: 'Check a mated pair' }).click()
  await page.getByRole('combobox', { name: 'End', exact: true }).selectOption('A')
  await page.getByRole('combobox', { name: 'mates with' }).selectOption('B')
  await page.getByLabel('Length of the adapter’s wires').fill('5 mm')
  await expect(page.getByRole('alert').filter({ hasText: '20 mm to 10 m' })).toBeVisible()
  await page.getByLabel('Length of the adapter’s wires').fill('150 mm')
  expect(await axeFaults(page)).toEqual([])
  await page.getByRole('button', { name: 'Make an adapter between A and B, by signal' }).click()
  // a whole job is made and opened first
  await expect(page.getByRole('heading', { name: 'Adapter A to B, Lead' })).toBeVisible({ timeout: 30_000 })
  const other = /jobs\/([^/]+)\/plan/.exec(page.url())?.[1] ?? ''
  const { plan } = (await (await request.get(`/api/v1/jobs/${other}`)).json()) as {
    plan: { ends: unknown[]; wires: unknown[] }
  }
  expect(plan.ends).toMatchObject([
    { id: 'A', housing: 'CM-3R' },
    { id: 'B', housing: 'CM-3P' },
  ])
  expect(plan.wires).toMatchObject([
    { signal: 'supply', lengthMm: 150, from: { end: 'A', cavity: '1' }, to: { end: 'B', cavity: '2' } },
    { signal: 'return', from: { end: 'A', cavity: '2' }, to: { end: 'B', cavity: '3' } },
  ])
})

test('a wanted pinout is matched by signal and number, and where both are wrong by hand', async ({
  bench: page,
  request,
}) => {
  const id = await cameForRepair(request)
  await page.goto(`/jobs/${id}/plan`)
  await alive(page)
  await page.getByRole('button', { name: 'Import a pinout' }).click()
  await page
    .getByLabel('Pinout', { exact: true })
    .fill(
      'wire,type,colour,from,to,length,signal\nK1,TW-0.75,RD,A.2,X.1,620 mm,feed\nW2,TW-0.75,BK,A.1,X.2,620 mm,return\nV1,TW-0.75,RD,B.2,X.4,620 mm,supply\nV2,TW-0.75,BK,B.3,X.5,620 mm,return',
    )
  await page.getByRole('button', { name: /match it to the wires that are there/ }).click()
  await expect(page.getByText('nobody wants W1')).toBeVisible()
  await page.getByLabel('Wire that K1 is').selectOption('W1')
  await expect(page.getByText('4 wires found again')).toBeVisible()
  expect(await axeFaults(page)).toEqual([])
  await page.getByRole('button', { name: /Put it into the grid/ }).click()
  await page.getByRole('button', { name: /Save the plan/ }).click()
  await expect(page.getByRole('heading', { name: /This change moves or undoes work on 2 wires/ })).toBeVisible()
  await expect(page.getByText('side a: contact out, into its new cavity')).toHaveCount(2)
  await strike(page, 'Space')
  // it is written before the page is left
  await expect(page.getByRole('region', { name: 'Revision' })).toHaveCount(0)
  await page.goto(`/jobs/${id}/seat`)
  await alive(page)
  await strike(page, 'v')
  await expect(page.getByText('1 wire to put aside, one for each closed ring', { exact: false })).toBeVisible()
})

test('two contacts that were written down are found the other way round: both are put right, one put aside', async ({
  bench: page,
  request,
}) => {
  const id = await cameForRepair(request)
  await page.goto(at(id, '1.B.insert.1/V1/a'))
  await alive(page)
  await strike(page, 'x')
  await page.getByRole('button', { name: /It is in another cavity/ }).click()
  await page.getByLabel('V1a is in').selectOption('3')
  await expect(page.getByText('Then V2a is in B.2: look first.', { exact: false })).toBeVisible()
  expect(await axeFaults(page)).toEqual([])
  await page.getByRole('button', { name: /Report both/ }).click()
  await expect(nextStep(page)).toContainText(/Open the lock of B|Take V[12]a out of B/)
  await strike(page, 'v')
  await expect(page.getByText('2 contacts to take out', { exact: false })).toBeVisible()
  await expect(page.getByText('1 wire to put aside', { exact: false })).toBeVisible()
  expect((await journal(request, id)).at(-1)).toMatchObject({
    kind: 'misplaced',
    term: '1/V1/a',
    cavity: '3',
    swapped: '1/V2/a',
  })
})

test('a contact that may not go in again is cut off with one key', async ({ bench: page, request }) => {
  const id = await cameForRepair(request)
  const seen = (await journal(request, id)).length
  const out = await request.post(`/api/v1/jobs/${id}/journal`, {
    data: {
      seen,
      entries: [
        { id: 'other-bench-1', kind: 'lock-moved', unit: 1, end: 'X', to: 'open', by: 'ansa' },
        { id: 'other-bench-2', kind: 'extracted', term: '1/V1/b', why: 'other', by: 'ansa' },
      ],
    },
  })
  expect(out.status()).toBe(201)
  await page.goto(at(id, '1.X.insert.1/V1/b'))
  await alive(page)
  await expect(page.getByText('This contact does not go in again')).toBeVisible()
  await strike(page, 'Space')
  await expect(nextStep(page)).toContainText('Change the setup')
  expect((await journal(request, id)).at(-1)).toMatchObject({ kind: 'seat-faulted', term: '1/V1/b', cause: 'used-up' })
})

test('a whole wire: the lacing is opened before it, and stands at Close until it is renewed', async ({
  bench: page,
  request,
}) => {
  const id = await cameForRepair(request)
  await page.goto(at(id, '1.B.insert.1/V1/a'))
  await alive(page)
  await strike(page, 'x')
  await page.getByRole('button', { name: /broken on its way/ }).click()
  await expect(page.getByText('Open the lacing along V1')).toBeVisible()
  // Enter comes down as the next step changes: it goes where the screen says now, not where it said before
  await nextStep(page).evaluate((step) => {
    const seen = new MutationObserver(() => {
      if (!step.textContent.includes('Open the lacing along V1')) return
      seen.disconnect()
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))
    })
    seen.observe(step, { characterData: true, childList: true, subtree: true })
  })
  await strike(page, 'Space')
  await page.waitForURL(/\/seat\?at=1\.B\.open-lacing/)
  await expect(page.getByRole('heading', { name: 'Open the lacing along V1' })).toBeVisible()
  await doStep(page)
  await expect(nextStep(page)).toContainText('Take V1')
  await page.goto(`/jobs/${id}/close`)
  await alive(page)
  await expect(page.getByRole('heading', { name: 'Renew the lacing along V1' })).toBeVisible()
  for (let i = 0; i < 3; i++) await strike(page, 'Space')
  await expect(page.getByRole('listbox')).not.toContainText('lacing')
  expect(
    (await journal(request, id)).filter((entry) => entry.kind === 'lacing-moved').map((entry) => entry.to),
  ).toEqual(['open', 'renewed'])
})

test('wires of one cable are shortened together, each by as much', async ({ bench: page, request }) => {
  const id = await cameForRepair(request)
  await page.goto(at(id, '1.A.insert.1/W1/a'))
  await alive(page)
  await strike(page, 'x')
  await page.getByRole('button', { name: /broken or chafed close to it/ }).click()
  await expect(page.getByRole('checkbox', { name: /W2 redone to stay equal within 3 mm/ })).toBeChecked()
  await page.getByLabel('Wire spoiled besides the old strip').fill('5 mm')
  await page.getByRole('button', { name: /Begin: take it out/ }).click()
  await expect(page.getByRole('listbox').getByText('broken: out, and off')).toHaveCount(1)
  await expect(page.getByRole('listbox').getByText('to stay equal: out, and off')).toHaveCount(1)
  expect((await journal(request, id)).filter((entry) => entry.kind === 'damage-reported')).toMatchObject([
    { term: '1/W1/a', what: 'wire-end', lostMm: 5 },
    { term: '1/W2/a', what: 'kept-equal', lostMm: 5 },
  ])
})

test('a pair is put together after both halves are looked over: keys, seal, colour to colour', async ({
  bench: page,
  request,
}) => {
  const id = await cameForRepair(request)
  await page.goto(`/jobs/${id}/plan`)
  await alive(page)
  await page.getByRole('button', { name: 'Check a mated pair' }).click()
  await page.getByRole('combobox', { name: 'End', exact: true }).selectOption('B')
  await page.getByRole('combobox', { name: 'mates with' }).selectOption('A')
  await page.getByRole('button', { name: 'Keep: B mates with A' }).click()
  await expect(page.getByRole('region', { name: 'Mated pair' })).toHaveCount(0)
  await page.goto(`/jobs/${id}/seat`)
  await alive(page)
  await expect(page.getByRole('heading', { name: 'Put B and A together' })).toBeVisible()
  await expect(page.getByText('other signal')).toBeVisible()
  expect(await axeFaults(page)).toEqual([])
  await doStep(page)
  await expect(nextStep(page)).toContainText('Probe')
  // together they are probed through, from far end to far end
  await page.goto(`/jobs/${id}/prove?at=${encodeURIComponent('through 1/X.2|X.4')}`)
  await alive(page)
  await expect(page.getByRole('heading', { name: 'Does it ring through both halves?' })).toBeVisible()
  expect(await axeFaults(page)).toEqual([])
  await strike(page, 'x')
  // what failed stays in the queue, and the card goes on by itself: only then is it chosen again
  const failed = page.getByRole('option', { name: /X\.2 – X\.4/ })
  await expect(failed).toHaveAttribute('aria-selected', 'false')
  await failed.click()
  await page.getByRole('link', { name: 'To the parting of A and B at Seat' }).click()
  await expect(page.getByRole('heading', { name: 'B goes with A' })).toBeVisible()
  await strike(page, 'Space', 'q')
  await expect(page.getByRole('heading', { name: 'Part B and A' })).toBeVisible()
  expect(await axeFaults(page)).toEqual([])
  await strike(page, 'Space', 'Space', 'Space', 'Space', 'Space')
  await expect(page.getByText('over from both sides').first()).toBeVisible()
  // a half that is opened again is checked again
  await page.goto(at(id, '1.A.lock.'))
  await alive(page)
  await page.getByRole('button', { name: 'Open it again' }).click()
  await expect(page.getByRole('heading', { name: 'Close the wedge' })).toBeVisible()
  await strike(page, 'p')
  await expect(page.getByText('It stands at its part-way stop: contacts still go in.')).toBeVisible()
  expect(
    (await journal(request, id))
      .map((entry) => entry.kind)
      .filter((kind) => kind === 'pair-mated' || kind === 'lock-moved'),
  ).toEqual(['pair-mated', 'lock-moved', 'lock-moved'])
})

test('the face is zoomed round the next cavity, and says where its mark lies', async ({ bench: page }) => {
  await page.goto(at('deck-loom', '1.C.insert.1/W01/a'))
  await alive(page)
  const drawing = page.getByRole('group', { name: /wire face$/ })
  const wide = await drawing.getAttribute('viewBox')
  await strike(page, 'z')
  await expect(page.getByRole('button', { name: /whole/ })).toHaveAttribute('aria-pressed', 'true')
  const near = await drawing.getAttribute('viewBox')
  const width = (box: string | null) => Number(box?.split(' ')[2])
  expect(width(near)).toBeLessThan(width(wide) * 0.75)
  await expect(drawing.getByText(/[←→↑↓]/)).toBeVisible()
  // pushed to the right until it stands at the edge, by keyboard; dragged back by hand
  const left = (box: string | null) => Number(box?.split(' ')[0])
  for (let i = 0; i < 6; i++) await strike(page, 'ArrowRight')
  const pushed = await drawing.getAttribute('viewBox')
  expect(left(pushed) + width(pushed)).toBeCloseTo(left(wide) + width(wide), 6)
  const face = await drawing.boundingBox()
  if (!face) throw new Error('no face')
  await page.mouse.move(face.x + face.width * 0.3, face.y + face.height / 2)
  await page.mouse.down()
  await page.mouse.move(face.x + face.width * 0.8, face.y + face.height / 2, { steps: 4 })
  await page.mouse.up()
  expect(left(await drawing.getAttribute('viewBox'))).toBeLessThan(left(pushed))
  await strike(page, 'z')
  expect(await drawing.getAttribute('viewBox')).toBe(wide)
})

async function drag(page: Page, from: Locator, to: Locator): Promise<void> {
  const [start, end] = [await from.boundingBox(), await to.boundingBox()]
  if (!start || !end) throw new Error('nothing to drag')
  await page.mouse.move(start.x + start.width / 2, start.y + start.height / 2)
  await page.mouse.down()
  await page.mouse.move(start.x + start.width / 2, start.y, { steps: 4 })
  await page.mouse.move(end.x + end.width / 2, end.y + end.height / 2, { steps: 8 })
  await page.mouse.up()
}

test('the order of seating is changed by dragging in the queue', async ({ bench: page, request }) => {
  const id = await copyJob(request, 'logger-box')
  await page.goto(at(id, '1.J.insert.1/L01/a'))
  await alive(page)
  const rows = page.getByRole('listbox').getByRole('option').filter({ hasText: '→ J.' })
  const [first, third] = [await rows.nth(0).innerText(), await rows.nth(2).innerText()]
  await drag(page, rows.nth(2), rows.nth(0))
  await expect(rows.nth(0)).toHaveText(third.replaceAll('\n', ''))
  await expect(rows.nth(1)).toHaveText(first.replaceAll('\n', ''))
  expect((await journal(request, id)).filter((entry) => entry.kind === 'seat-order-set')).toHaveLength(1)
})

test('where the wire to spare is not enough, a splice is offered and planned', async ({ bench: page, request }) => {
  const id = await cameForRepair(request)
  await page.goto(at(id, '1.B.insert.1/V1/a'))
  await alive(page)
  await strike(page, 'x')
  await page.getByRole('button', { name: /broken or chafed close to it/ }).click()
  await page.getByLabel('Wire spoiled besides the old strip').fill('60 mm')
  await expect(page.getByText('to spare are not enough.')).toBeVisible()
  await page.getByRole('button', { name: /A splice with a piece of the same wire/ }).click()
  await page.getByLabel('Length of the piece').fill('900 mm')
  await page.getByRole('button', { name: /splice it in/ }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'shorter than the wire' })).toBeVisible()
  await page.getByLabel('Length of the piece').fill('150 mm')
  expect(await axeFaults(page)).toEqual([])
  await page.getByRole('button', { name: /splice it in/ }).click()
  await expect(nextStep(page)).toContainText(/Take V1a out of B.2|Open the lacing along V1-2/)
  const { plan } = (await (await request.get(`/api/v1/jobs/${id}`)).json()) as {
    plan: { wires: { id: string; lengthMm: number }[] }
  }
  expect(plan.wires.filter((wire) => wire.id.startsWith('V1'))).toMatchObject([
    { id: 'V1', lengthMm: 470, from: { kind: 'splice' } },
    { id: 'V1-2', lengthMm: 150, to: { kind: 'splice' } },
  ])
})

test('where a half takes pins or sockets, what comes out says which: the new ones are like it', async ({
  bench: page,
  request,
}) => {
  const made = await request.post('/api/v1/jobs?title=Either&kind=repair&slackMm=40', {
    headers: { 'content-type': 'text/csv' },
    data: 'wire,type,colour,from end,from cavity,from housing,to end,to cavity,length\nW1,UT-0.14,RD,A,1,SH-1x3,,,300\nW2,UT-0.14,BK,A,2,SH-1x3,,,300',
  })
  const { id } = (await made.json()) as { id: string }
  await page.goto(at(id, '1.A.insert.1/W1/a'))
  await alive(page)
  await strike(page, 'x')
  await page.getByRole('button', { name: /broken or chafed close to it/ }).click()
  await page.getByRole('button', { name: /Begin: take it out/ }).click()
  const asks = page.getByRole('group', { name: 'What comes out of A: a pin or a socket?' })
  await expect(asks).toContainText('The new ones are like it, for all 2 wires.')
  await strike(page, 's')
  await expect(asks).toHaveCount(0)
  const { plan } = (await (await request.get(`/api/v1/jobs/${id}`)).json()) as {
    plan: { ends: { id: string; gender?: string }[] }
  }
  expect(plan.ends).toMatchObject([{ id: 'A', gender: 'socket' }])
})
