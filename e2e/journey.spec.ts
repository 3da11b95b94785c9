import type { Page } from '@playwright/test'
import { alive, expect, leadCsv, nextStep, strike, test } from './bench'
import { doNextStep } from './handWork'

const card = (page: Page) => page.locator('[class*=paneCard]').last()

test('a harness goes from its pinout to a signature, by keyboard alone', async ({ bench: page }) => {
  test.setTimeout(300_000)
  await page.goto('/')
  await alive(page)
  await strike(page, 'n')
  await page.waitForURL('**/new')
  await alive(page)

  await page.getByLabel('or paste its rows, headings first').focus()
  await page.keyboard.insertText(leadCsv)
  await page.getByLabel('Title').focus()
  await page.keyboard.type('Test lead', { delay: 40 })
  await expect(page.getByText('2 wires, 2 ends: all can be read.')).toBeVisible()
  await strike(page, 'Escape', 'Enter')
  await page.waitForURL('**/plan')
  await alive(page)

  await test.step('Plan shows the cavity in words, and the face flips', async () => {
    await expect(card(page)).toContainText('First from the notch')
    await expect(page.getByTestId('face-side')).toHaveText('WIRE FACE')
    await strike(page, 'f')
    await expect(page.getByTestId('face-side')).toHaveText('MATING FACE')
    await strike(page, 'j')
    await expect(page.getByRole('row', { selected: true })).toContainText('W2')
  })

  await test.step('Kit has chosen every set', async () => {
    await strike(page, 'g', '2')
    await page.waitForURL('**/kit')
    await expect(page.getByRole('listbox')).toContainText('Chosen')
    await expect(page.getByText('Why the others are out')).toBeVisible()
    await strike(page, 'p')
    await expect(page.getByRole('region', { name: 'Parts of the job' })).toContainText('SL-18')
    await strike(page, 'Escape')
  })

  await test.step('Crimp and Prep, setup by setup', async () => {
    await expect(nextStep(page)).toContainText('Change the setup')
    for (let steps = 0; steps < 40 && !/^(Seat|Plug)/.test((await nextStep(page).textContent()) ?? ''); steps++)
      await doNextStep(page)
    await expect(page.getByRole('link', { name: /Crimp/ })).toContainText('4/4')
  })

  await test.step('Seat, lock, look over', async () => {
    for (let steps = 0; steps < 30 && !((await nextStep(page).textContent()) ?? '').startsWith('Probe'); steps++)
      await doNextStep(page)
    await expect(page.getByRole('link', { name: /Seat/ })).toContainText('11/11')
  })

  await test.step('Prove: continuity, then a resistance with the leads off', async () => {
    for (let nets = 0; nets < 2; nets++) await doNextStep(page)
    await strike(page, 'g', '6')
    await page.waitForURL('**/prove**')
    await page.getByLabel('Leads show, Ω').focus()
    await page.keyboard.type('0.21', { delay: 60 })
    await page.getByLabel('Smallest step, Ω').focus()
    await page.keyboard.press('Control+A')
    await page.keyboard.type('0.001', { delay: 60 })
    await page.keyboard.press('Enter')
    await expect(page.getByText('steps of')).toBeVisible()
    const meter = page.getByLabel('Meter shows (Ω, or mohm)')
    await meter.focus()
    await page.keyboard.type('0.234', { delay: 60 })
    await page.keyboard.press('Enter')
    await expect(page.getByTestId('resistance-verdict').first()).toContainText('good')
  })

  await test.step('Prove: pairs apart, contacts that hold, the harness moved', async () => {
    await page.keyboard.press('Escape')
    while (/^(Probe|Gauge|Move)/.test((await nextStep(page).textContent()) ?? '')) await doNextStep(page)
  })

  await test.step('Close: tray, signature', async () => {
    await doNextStep(page)
    await expect(nextStep(page)).toContainText('Sign')
    await doNextStep(page)
    await expect(nextStep(page)).toContainText('Closed')
    await expect(page.getByText('Signed and closed')).toBeVisible()
  })

  await test.step('the papers are there', async () => {
    const id = new URL(page.url()).pathname.split('/')[2] ?? ''
    const pdf = await page.request.get(`/jobs/${id}/papers/build-sheet.pdf`)
    expect(pdf.status()).toBe(200)
    expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
    const csv = await (await page.request.get(`/jobs/${id}/papers/record.csv`)).text()
    expect(csv.split('\r\n').filter(Boolean)).toHaveLength(5)
    const record = (await (await page.request.get(`/jobs/${id}/papers/record.json`)).json()) as {
      state: { closed: boolean }
    }
    expect(record.state.closed).toBe(true)
  })
})
