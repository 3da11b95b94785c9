import { createServer, type Socket } from 'node:net'
import sharp from 'sharp'
import type { APIRequestContext, Page } from '@playwright/test'
import { tickLines } from './handWork'
import { alive, expect, leadCsv, makeJob, nextStep, notice, sevenAtBench, strike, test } from './bench'

/** Ticks what is due until a heading stands there; a card has no more lines than this. */
async function tickUntil(page: Page, heading: string | RegExp): Promise<void> {
  for (let tick = 0; tick < 16; tick++) {
    if (await page.getByRole('heading', { name: heading }).isVisible()) return
    await strike(page, 'Space')
  }
  await expect(page.getByRole('heading', { name: heading })).toBeVisible()
}

/** A lead whose sealed side W1b has come to its first piece. */
async function atFirstPiece(page: Page, request: APIRequestContext, title: string): Promise<string> {
  // a wire whose crimp height the die card gives: an estimated one is not asked for under strict rules
  const id = await makeJob(request, title, leadCsv.replaceAll('TW-0.75', 'TW-1.0'))
  const at = encodeURIComponent('1/W1/b')
  await page.goto(`/jobs/${id}/prep?at=${at}`)
  await alive(page)
  for (let tick = 0; tick < 8; tick++) await strike(page, 'Space')
  await expect(page.getByRole('link', { name: /Prep/ })).toContainText('1/4')
  await page.goto(`/jobs/${id}/crimp?at=${at}`)
  await alive(page)
  await tickUntil(page, 'First piece, on spare wire')
  return id
}

const entriesOf = async (request: APIRequestContext, id: string) =>
  (
    (await (await request.get(`/api/v1/jobs/${id}/journal?limit=1000`)).json()) as {
      entries: Record<string, unknown>[]
    }
  ).entries

test('a first piece is measured and pulled by the instruments, the setup released, and a crimp accepted', async ({
  bench: page,
  request,
}) => {
  const id = await atFirstPiece(page, request, 'With instruments')
  await tickLines(page)
  await strike(page, 'm')
  await expect(page.getByText('read by TARN-H')).toBeVisible()
  await strike(page, 'p')
  await expect(page.getByText('read by TARN-P')).toBeVisible({ timeout: 15_000 })
  const peak = Number(await page.getByTestId('peak').innerText())
  expect(Number(await page.getByLabel('Pulled off at, N').inputValue())).toBeCloseTo(peak, -1)
  // a thousand a second, none dropped: the curve's last point is its count of milliseconds
  expect(Number((await page.getByTestId('readings').innerText()).replace(/[^0-9]/g, ''))).toBeGreaterThan(peak * 8)
  await expect(page.getByText('It broke in the wire.')).toBeVisible()
  await strike(page, 'Space')
  await tickUntil(page, 'The first piece is good')
  await strike(page, 'Space')
  // the stroke, the looks one by one, and the crimp is accepted
  await expect(page.getByRole('heading', { name: 'The stroke' })).toBeVisible()
  await strike(page, 'Space')
  await expect(page.getByRole('heading', { name: 'The looks' })).toBeVisible()
  await strike(page, 'Space', 'Space', 'Space', 'Space', 'Space', 'Space')
  await expect(page.getByRole('link', { name: /Crimp/ })).toContainText('1/4')
  const first = (await entriesOf(request, id)).find((entry) => entry.kind === 'first-piece')
  expect(first).toMatchObject({
    heightBy: 'URN BENCH,TARN-H,stand-in,1.0',
    pullBy: 'URN BENCH,TARN-P,stand-in,1.0',
    breaks: 'broke-in-wire',
  })
})

test('a piece that was not pushed home slips out low, and does not release', async ({ bench: page, request }) => {
  const id = await atFirstPiece(page, request, 'Not home')
  await page.getByLabel('Piece in the stand-ins').selectOption('not-home')
  await page.getByRole('heading', { name: 'First piece, on spare wire' }).click()
  await strike(page, 'm', 'p')
  await expect(page.getByText('It pulled out of the crimp.')).toBeVisible({ timeout: 15_000 })
  await expect(page.getByText(/is below \d+ N: this setup is not released with it/)).toBeVisible()
  await page.getByRole('button', { name: 'Not good: record what was seen' }).click()
  // the fault card is filled from what the piece showed
  await expect(page.getByRole('heading', { name: 'The piece is not good' })).toBeVisible()
  await expect(page.getByText(/Pull: \d+ N, asked \d+ N; height/)).toBeVisible()
  await expect(page.getByRole('button', { name: /no brush/ })).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByText(/wire not pushed home/)).toBeVisible()
  // named otherwise, it is the tool: the cure is one key away, and puts in question what the tool made
  await page.getByRole('button', { name: /too loose/ }).click()
  await page.getByRole('button', { name: /wrong die/ }).click()
  await expect(page.getByText(/It lies in the tool: its release ends/)).toBeVisible()
  await strike(page, 'c')
  await expect(page.getByRole('heading', { name: 'First piece, on spare wire' })).toBeVisible()
  const entries = await entriesOf(request, id)
  expect(entries.slice(-2).map((entry) => entry.kind)).toEqual(['tool-suspected', 'setup-adjusted'])
})

test('an instrument that breaks off in the middle of a pull gives no figure; the figure is typed by hand', async ({
  bench: page,
  request,
}) => {
  const sockets: Socket[] = []
  const server = createServer((socket) => {
    sockets.push(socket)
    socket.setEncoding('utf8')
    socket.on('error', () => undefined)
    socket.on('data', (chunk: string) => {
      for (const line of chunk.split('\n')) {
        if (line === '*IDN?') socket.write('URN BENCH,TARN-P,4711,2.3\n')
        if (line === 'UNIT:FORC?') socket.write('N\n')
        if (line === 'TRAC:PULL?') socket.end('0.000,0.4\n0.001,1.2\n0.002,9')
      }
    })
  })
  await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening))
  const address = server.address()
  try {
    expect(
      (
        await request.put('/api/instruments/pull-tester', {
          data: { host: '127.0.0.1', port: typeof address === 'object' && address ? address.port : 0 },
        })
      ).ok(),
    ).toBe(true)
    const id = await atFirstPiece(page, request, 'Broken off')
    await strike(page, 'p')
    await expect(
      page.getByRole('alert').filter({ hasText: 'The link broke in the middle of a line (“0.002,9”)' }),
    ).toBeVisible()
    await expect(page.getByLabel('Pulled off at, N')).toHaveValue('')
    await page.getByLabel('Pulled off at, N').fill('5200')
    await expect(page.getByText(/5200 N is more than copper of this wire holds/)).toBeVisible()
    await page.getByLabel('Pulled off at, N').fill('120')
    await page.getByLabel('Crimp height, mm').fill('1.2 in')
    await expect(page.getByText(/30.48 mm cannot be the height of this crimp/)).toBeVisible()
    expect((await entriesOf(request, id)).some((entry) => entry.kind === 'first-piece')).toBe(false)
  } finally {
    await request.put('/api/instruments/pull-tester', { data: {} })
    sockets.forEach((socket) => socket.destroy())
    server.close()
  }
})

test('the Crib shows each instrument with its link, and says when nobody answers', async ({ bench: page, request }) => {
  await page.goto('/crib')
  await alive(page)
  const tester = page.getByRole('region', { name: 'Pull tester' })
  await expect(tester).toContainText('URN BENCH,TARN-P,stand-in,1.0')
  await tester.getByRole('button', { name: /127\.0\.0\.1/ }).click()
  await tester.getByLabel('Port').fill('1')
  await tester.getByRole('button', { name: 'Link it there' }).click()
  await expect(tester).toContainText('Nothing answers at 127.0.0.1:1. Is it on, is its cable in?')
  await tester.getByRole('button', { name: /127\.0\.0\.1/ }).click()
  await tester.getByRole('button', { name: 'Back to the stand-in' }).click()
  await expect(tester).toContainText('linked')
  expect((await request.put('/api/instruments/pull-tester', { data: { host: 'a b', port: 70_000 } })).status()).toBe(
    400,
  )
  expect((await request.post('/api/instruments/teapot/read', { data: {} })).status()).toBe(404)
})

test('a photo stands by its crimp; a renamed script does not', async ({ bench: page, request }) => {
  const id = await sevenAtBench(request)
  await page.goto(`/jobs/${id}/crimp`)
  await alive(page)
  await strike(page, 'Space')
  const input = page.getByLabel(/^Photo of crimp/)
  await input.setInputFiles({
    name: 'crimp.jpg',
    mimeType: 'image/jpeg',
    buffer: Buffer.from('#!/bin/sh\necho hello\n'),
  })
  await expect(notice(page)).toContainText('That file is no picture, whatever its name says')
  const picture = await sharp({ create: { width: 320, height: 240, channels: 3, background: '#b4532a' } })
    .png()
    .toBuffer()
  await input.setInputFiles({ name: 'crimp.png', mimeType: 'image/png', buffer: picture })
  await expect(page.getByRole('group', { name: /^Photos of crimp/ }).getByRole('img')).toHaveCount(1)
  const taken = (await entriesOf(request, id)).find((entry) => entry.kind === 'photo-taken')
  const kept = await request.get(`/api/photos/${String(taken?.photo)}`)
  expect(kept.headers()['content-type']).toBe('image/webp')
  expect(
    (
      await request.post('/api/photos', {
        data: Buffer.alloc(25_000_000),
        headers: { 'content-type': 'application/octet-stream' },
      })
    ).status(),
  ).toBe(413)
})

test('the cure at the root is one key away: the stop is set again, and Prep shows it', async ({
  bench: page,
  request,
}) => {
  const id = await sevenAtBench(request)
  await page.goto(`/jobs/${id}/crimp`)
  await alive(page)
  await strike(page, 'Space')
  await expect(page.getByRole('group', { name: /good and bad/ }).getByRole('img')).toHaveCount(4)
  await strike(page, '1', '2', 'x')
  await expect(page.getByLabel('Found at')).toHaveValue('insulation-edge')
  await strike(page, '2')
  await expect(page.getByText('AS REPORTED')).toBeVisible()
  // nobody measured these strips: no figure speaks for or against it
  await expect(page.getByText(/strip too long/).first()).toBeVisible()
  await expect(page.getByText(/what was measured says no/)).toHaveCount(0)
  // the first defect of this look: pushed too deep, and the wire stop is what is set
  await strike(page, '1')
  await strike(page, 'c')
  await expect(page.getByRole('button', { name: /With the decision: Wire stop to 4 mm/ })).toBeVisible()
  await strike(page, 'Space')
  // a contact that is thrown away is asked about once more
  await expect(page.getByRole('button', { name: /Yes: scrap contact/ })).toBeVisible()
  await strike(page, 'Space')
  await expect(page.getByText('wire stop set again')).toBeVisible()
  await expect(nextStep(page)).toContainText('first piece')
  expect((await entriesOf(request, id)).slice(-2).map((entry) => entry.kind)).toEqual([
    'tool-suspected',
    'setup-adjusted',
  ])
})

test('a cause in the tool puts in question what it crimped since it was last seen good: looked at again, or pulled', async ({
  bench: page,
  request,
}) => {
  const id = await sevenAtBench(request)
  await page.goto(`/jobs/${id}/crimp`)
  await alive(page)
  const crimps = page.getByRole('link', { name: /^Crimp \d/ })
  for (const count of [1, 2]) {
    await strike(page, 'Space', 'Space', 'Space', 'Space', 'Space', 'Space', 'Space')
    await expect(crimps).toContainText(`${String(count)}/7`)
  }
  await strike(page, 'x', '4')
  await page.getByRole('button', { name: /wrong die/ }).click()
  await expect(page.getByText(/Here: W1a, W2a\./)).toBeVisible()
  await page.getByRole('button', { name: /^Scrap contact…/ }).click()
  await page.getByRole('button', { name: /^Yes: scrap contact/ }).click()
  await expect(nextStep(page)).toContainText('Look at W1a again')
  await expect(crimps).toContainText('0/7')
  await strike(page, 'Enter')
  await expect(page.getByRole('heading', { name: /This crimp is in question/ })).toBeVisible()
  await strike(page, 'Space', 'Space', 'Space', 'Space', 'Space', 'Space', 'Space')
  await expect(nextStep(page)).toContainText('Look at W2a again')
  await strike(page, 'Enter', 'h')
  await expect(crimps).toContainText('2/7')
  await expect(nextStep(page)).toContainText('Make a first piece')
  expect((await entriesOf(request, id)).slice(-2)).toMatchObject([
    { kind: 'suspect-cleared', term: '1/W1/a', how: 'looked-at' },
    { kind: 'suspect-cleared', term: '1/W2/a', how: 'pulled-by-hand' },
  ])
})

test('a height that was measured stands with the piece that is thrown away', async ({ bench: page, request }) => {
  const id = await sevenAtBench(request)
  await page.goto(`/jobs/${id}/crimp`)
  await alive(page)
  await strike(page, 'Space')
  await page.getByLabel(/Height, when measured/).fill('1.45')
  await expect(page.getByText(/report the fault, its height goes with it/)).toBeVisible()
  await strike(page, 'Escape', 'x', '4')
  await expect(page.getByText(/, as measured/).first()).toBeVisible()
  await expect(page.getByText(/one SC-09-18 \(\d+ left in the kit then, 7 to crimp\)/)).toBeVisible()
  await strike(page, 'Space', 'Space')
  await expect(page.getByText(/Scrapped: SC-09-18, SL-24, \d+ mm of wire/)).toBeVisible()
  await expect(nextStep(page)).toContainText('Crimp W2a')
  expect((await entriesOf(request, id)).at(-1)).toMatchObject({
    kind: 'crimp-rejected',
    defect: 'under-crimped',
    heightMm: 1.45,
  })
})

test('another spool asks for a new first piece; a turned adjuster for the gauge before', async ({
  bench: page,
  request,
}) => {
  const id = await sevenAtBench(request)
  await page.goto(`/jobs/${id}/crimp`)
  await alive(page)
  await strike(page, 'n', '2')
  await expect(page.getByText('A new one: another spool or reel')).toBeVisible()
  const again = await sevenAtBench(request)
  await page.goto(`/jobs/${again}/crimp`)
  await alive(page)
  await strike(page, 'n', '5')
  await expect(page.getByRole('heading', { name: 'Gauge PF-10' })).toBeVisible()
  await strike(page, 'x')
  await expect(page.getByRole('heading', { name: 'The gauge said no' })).toBeVisible()
  await strike(page, 'Space', 'Space', 'Space')
  await expect(page.getByRole('heading', { name: 'First piece, on spare wire' })).toBeVisible()
})

test('what do you see: a measured gap says what to trim, what it costs, and where the stop belongs', async ({
  bench: page,
  request,
}) => {
  const id = await makeJob(request, 'What do you see')
  await page.goto(`/jobs/${id}/prep?at=1/W1/a`)
  await alive(page)
  // nothing is measured, and nothing stands there as if it were
  await expect(page.getByLabel('Strip as measured')).toHaveValue('')
  // an empty hole has two causes: it is asked which
  await strike(page, 'w', '2')
  await expect(page.getByText('Does the insulation touch the barrel?')).toBeVisible()
  await strike(page, '8')
  await expect(page.getByRole('status').filter({ hasText: 'Push it home' })).toBeVisible()
  await strike(page, '4')
  await expect(page.getByRole('status').filter({ hasText: 'Measure what you see' })).toBeVisible()
  await page.getByLabel('Gap that is seen, mm').fill('1.85')
  await expect(page.getByRole('status').filter({ hasText: 'Trim 1.2 mm off the conductor' })).toContainText(
    'Costs 1.2 mm',
  )
  await expect(page.getByText('AS REPORTED')).toBeVisible()
  await page.getByRole('heading', { name: 'What do you see?' }).click()
  await strike(page, 'Space')
  await expect(page.getByText('This strip’s tries have cost')).toContainText('1.2 mm')
  // a key that is held repeats faster than the bench answers: no tick of it is lost
  for (let ticks = 0; ticks < 5; ticks++) {
    await page.keyboard.press(']')
    await page.waitForTimeout(60)
  }
  await expect(page.getByText('Stripper’s stop at')).toContainText('6.4 mm, set again')
  // a stop that was set too long goes back to the middle of the window, not below it
  await strike(page, 'w', '4')
  await page.getByLabel('Gap that is seen, mm').fill('1.85')
  await page.getByRole('heading', { name: 'What do you see?' }).click()
  await strike(page, 'c')
  await expect(page.getByRole('button', { name: /Written: stop at 5.9 mm/ })).toBeVisible()
})

test('a batch is cut from its spools with one key, and what is left goes back to the shelf', async ({
  bench: page,
  request,
}) => {
  const id = await makeJob(request, 'Cut list')
  await page.goto(`/jobs/${id}/prep`)
  await alive(page)
  await strike(page, 'l')
  await expect(page.getByRole('button', { name: /2 pieces cut from SP-/ })).toBeVisible()
  await strike(page, 'Space')
  await expect(page.getByText(/All 2 wires of TW-0.75 are cut/)).toBeVisible()
  const cuts = (await entriesOf(request, id)).filter((entry) => entry.kind === 'wire-cut')
  expect(cuts.map((entry) => [entry.lengthMm, String(entry.spool).slice(0, 3)])).toEqual([
    [637, 'SP-'],
    [637, 'SP-'],
  ])
  await page.getByLabel('Spool or off-cut').fill('SP 12')
  await page.getByLabel('Left on it').fill('25 m')
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'A spool’s name has no spaces' })).toBeVisible()
  const labels = await request.get(`/jobs/${id}/papers/labels.pdf`)
  expect((await labels.body()).subarray(0, 5).toString()).toBe('%PDF-')
})

test('from a reading on the chart to its entry and back', async ({ bench: page }) => {
  await page.goto('/ledger')
  await alive(page)
  await expect(page.getByRole('region', { name: 'Crimp height' })).toContainText('120 READINGS')
  // the drift that was caught stands out, and is what the page opens on
  await expect(page.getByRole('button', { name: /rising in a row/ }).first()).toBeVisible()
  await expect(page.getByText(/All \d+ pulls at or above 60 N/)).toBeVisible()
  // test pieces are a series of their own; signals whose cause nobody wrote lie too far back to withhold the capability
  await expect(page.getByRole('link', { name: /first pieces/ }).first()).toBeVisible()
  await expect(page.getByText(/from 120 readings: at least/)).toBeVisible()
  await page.getByRole('slider', { name: 'Crimp height, reading' }).focus()
  await strike(page, 'Home')
  await expect(page.getByText(/a crimp, W\w+ #1, Float switch leads/)).toBeVisible()
  await page.getByRole('link', { name: 'Open its entry' }).click()
  await page.waitForURL('**/jobs/float-leads/journal?at=**')
  const row = page.locator('tr[data-at="true"]')
  await expect(row).toContainText('crimped')
  await row.getByRole('link', { name: 'on the chart' }).click()
  await page.waitForURL('**/ledger?at=float-leads**')
  await expect(page.getByText(/a crimp, W\w+ #1, Float switch leads/)).toBeVisible()
  await strike(page, '2')
  await expect(page.getByRole('heading', { name: /right at the first try/ })).toBeVisible()
  await strike(page, '4')
  await expect(page.getByRole('region', { name: 'Contacts by tool' })).toContainText('PF-10')
})
