import type { CellError } from '@/core/base/cells/cellError'

/** What a spreadsheet left in a cell, and what would be right. */
export const cellErrorWords = (error: CellError): string =>
  error.kind === 'error'
    ? `holds the spreadsheet’s error ${error.said}: put it right there, and take the table anew`
    : 'holds a formula that was not computed: save the table with its values, and take it anew'
