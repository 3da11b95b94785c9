/** Cells as a spreadsheet puts them on the clipboard: a line a row, tabs between, quotes where a cell holds either. */
export async function readBlock(text: string): Promise<readonly (readonly string[])[]> {
  const { default: Papa } = await import('papaparse')
  return Papa.parse<string[]>(text.replace(/\r?\n$/, ''), { delimiter: '\t' }).data
}
