import type { Locator, Page } from '@playwright/test'

export const sheet = (page: Page, name: string) => page.getByRole('grid', { name, exact: true })

/** A cell by its heading, and its row from 1. */
export async function cell(page: Page, grid: string, heading: string, row = 1): Promise<Locator> {
  const headings = await sheet(page, grid).getByRole('columnheader').allInnerTexts()
  const column = headings.findIndex((one) => one.replace(/[*▴▾]/g, '').trim() === heading)
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
