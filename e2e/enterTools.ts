import type { Locator, Page } from '@playwright/test'
import { pasteInto } from './sheets'

/** The form of a new tool, told what kind it is, what it is called and where its figures are from. */
export async function beginTool(
  page: Page,
  {
    kind,
    id,
    name,
    source,
  }: { readonly kind: string; readonly id: string; readonly name: string; readonly source: string },
): Promise<Locator> {
  const form = page.getByRole('region', { name: 'New tool' })
  await form.getByRole('radio', { name: kind }).click()
  await form.getByLabel('Number on the tool').fill(id)
  await form.getByRole('textbox', { name: 'Name', exact: true }).fill(name)
  await form.getByLabel('Figures from').fill(source)
  return form
}

/** Four-indent frame with its positioners and its selector from 1 to 8. */
export async function beginFrame(
  page: Page,
  {
    positioners,
    ...tool
  }: { readonly id: string; readonly name: string; readonly source: string; readonly positioners: string },
): Promise<void> {
  const form = await beginTool(page, { kind: 'four-indent frame with positioner', ...tool })
  await form.getByLabel('Positioners and turrets').fill(positioners)
  await form.getByLabel('Selector from').fill('1')
  await form.getByLabel('Selector to').fill('8')
}

/** A stripper with its notches, as printed and as they open, into the crib. */
export async function enterStripper(page: Page, notches: readonly (readonly [print: string, openingMm: string])[]) {
  await beginTool(page, { kind: 'stripper', id: 'ST-1', name: 'Stripper', source: 'measured here' })
  await pasteInto(
    page,
    'Its notches: what is printed, and how far they open',
    'as printed',
    `as printed\topening\n${notches.map((notch) => notch.join('\t')).join('\n')}\n`,
  )
  await saveTool(page)
}

export async function saveTool(page: Page): Promise<void> {
  await page.keyboard.press('Control+s')
  await page.waitForURL(/\/crib$/)
}
