import type { Locator, Page } from '@playwright/test'

export const sheet = (page: Page, name: string) => page.getByRole('grid', { name, exact: true })

/** A cell by its heading, and its row from 1. */
export async function cell(page: Page, grid: string, heading: string, row = 1): Promise<Locator> {
  const heads = sheet(page, grid).getByRole('columnheader')
  // a sheet that is still to come has no headings, and no cell would be the last one
  await heads.first().waitFor()
  const column = (await heads.allInnerTexts()).findIndex((one) => one.replace(/[*▴▾]/g, '').trim() === heading)
  if (column < 0) throw new Error(`${grid} has no column “${heading}”`)
  return sheet(page, grid).getByRole('row').nth(row).getByRole('gridcell').nth(column)
}

/** Pastes into a grid, from the cell below a heading. */
export async function pasteInto(page: Page, grid: string, heading: string, text: string): Promise<void> {
  await (await cell(page, grid, heading)).click()
  await sheet(page, grid).evaluate((element, data) => {
    const clipboardData = new DataTransfer()
    clipboardData.setData('text/plain', data)
    element.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }))
  }, text)
}
