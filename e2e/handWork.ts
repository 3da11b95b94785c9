import { expect, type Page } from '@playwright/test'
import { BUSY_MS, nextStep, quiet, strike } from './bench'

/** Does what the frame names next, by keyboard alone, and well. */
export async function doNextStep(page: Page): Promise<void> {
  const before = await nextStep(page).textContent()
  await strike(page, 'Enter')
  await quiet(page)
  if (before?.startsWith('Make a first piece')) await firstPiece(page)
  else if (before?.startsWith('Move the harness')) await moveHarness(page)
  else {
    for (let tries = 0; tries < 24 && (await nextStep(page).textContent()) === before; tries++) {
      await strike(page, 'Space')
    }
  }
  await expect(nextStep(page)).not.toHaveText(before ?? '', { timeout: BUSY_MS })
}

/** Moved while it is watched, for as long as it is asked. */
async function moveHarness(page: Page): Promise<void> {
  await strike(page, 'Space')
  const ended = page.getByRole('button', { name: 'Stop, write it down' })
  const missing = page.getByRole('alert').filter({ hasText: 'No instrument is set up here' })
  await expect(ended.or(missing)).toBeVisible({ timeout: BUSY_MS })
  // a bench without an analyser watches a meter
  await strike(page, (await ended.count()) > 0 ? 'Space' : 'm')
}

/** Ticks what a card has open, line after line, and leaves its main action. */
export async function tickLines(page: Page): Promise<void> {
  const open = page.getByRole('group', { name: 'Checks' }).getByRole('checkbox', { checked: false })
  for (let tries = 0; tries < 16 && (await open.count()) > 0; tries++) await strike(page, 'Space')
}

async function firstPiece(page: Page): Promise<void> {
  const force = page.getByLabel('Pulled off at, N')
  await expect(force).toBeVisible()
  await tickLines(page)
  // out of the work into the card's fields, as Tab goes
  const height = page.getByLabel('Crimp height, mm')
  if (await height.count()) {
    const [low = '1'] = ((await height.getAttribute('placeholder')) ?? '').split(' ')
    await height.focus()
    await page.keyboard.type(String(Number(low) + 0.02), { delay: 60 })
  }
  await force.focus()
  await page.keyboard.type('240 N', { delay: 60 })
  await strike(page, 'Escape', 'Space')
}
