import { figure } from '@/words/figures'
import type { XlsxFault } from '@/core/base/cells/xlsxFault'

const mb = (bytes: number) => `${figure(bytes / 2 ** 20, 1)} MB`

/** Why a workbook is not read, and what would be right. */
export function xlsxFaultWords(fault: XlsxFault): string {
  switch (fault.kind) {
    case 'no-xlsx':
      return 'This is no XLSX workbook. Save the table as .xlsx or .csv and drop that file.'
    case 'too-large':
      return `The file has ${mb(fault.bytes)}; ${mb(fault.limit)} are the most.`
    case 'unpacks-too-large':
      return `The workbook would unpack to ${mb(fault.bytes)}; ${mb(fault.limit)} are the most. Nothing was unpacked.`
    case 'unpacks-too-much':
      return `The workbook would unpack ${figure(fault.ratio, 0)} times its size, as no table of text does. Nothing was unpacked.`
    case 'unreadable':
      return `The workbook cannot be read${fault.why === '' ? '' : ` (${fault.why})`}. Save it anew as .xlsx or .csv.`
    case 'too-many-rows':
      return `${String(fault.rows)} rows; ${String(fault.limit)} are the most.`
  }
}
