import type { XlsxFault } from '@/core/base/cells/xlsxFault'
import { fail, ok, type Result } from '@/core/base/result'

const FILE_LIMIT = 20 * 2 ** 20
const UNPACKED_LIMIT = 64 * 2 ** 20
/** Sheets of text pack 5 to 30 times; a bomb packs a thousand times. */
const RATIO_LIMIT = 120
/** Below this nothing is a bomb, however well it packs. */
const HARMLESS = 2 * 2 ** 20

const END = 0x06054b50
const ENTRY = 0x02014b50

/**
 * What a workbook says that it holds, from the list at the end of its zip: read before anything is unpacked, so that a small
 * file never becomes a large one.
 */
export function checkXlsx(bytes: Uint8Array): Result<{ readonly unpackedBytes: number }, XlsxFault> {
  if (bytes.byteLength > FILE_LIMIT) return fail({ kind: 'too-large', bytes: bytes.byteLength, limit: FILE_LIMIT })
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  if (bytes.byteLength < 22 || view.getUint32(0, true) !== 0x04034b50) return fail({ kind: 'no-xlsx' })
  const end = endOfZip(view)
  if (end === undefined) return fail({ kind: 'no-xlsx' })
  const count = view.getUint16(end + 10, true)
  let at = view.getUint32(end + 16, true)
  let unpackedBytes = 0
  let isWorkbook = false
  for (let i = 0; i < count; i++) {
    if (at + 46 > bytes.byteLength || view.getUint32(at, true) !== ENTRY) return fail({ kind: 'no-xlsx' })
    unpackedBytes += view.getUint32(at + 24, true)
    const nameLength = view.getUint16(at + 28, true)
    const name = new TextDecoder().decode(bytes.subarray(at + 46, at + 46 + nameLength))
    if (name === 'xl/workbook.xml') isWorkbook = true
    at += 46 + nameLength + view.getUint16(at + 30, true) + view.getUint16(at + 32, true)
  }
  if (!isWorkbook) return fail({ kind: 'no-xlsx' })
  if (unpackedBytes > UNPACKED_LIMIT)
    return fail({ kind: 'unpacks-too-large', bytes: unpackedBytes, limit: UNPACKED_LIMIT })
  const ratio = unpackedBytes / bytes.byteLength
  return unpackedBytes > HARMLESS && ratio > RATIO_LIMIT
    ? fail({ kind: 'unpacks-too-much', ratio, limit: RATIO_LIMIT })
    : ok({ unpackedBytes })
}

/** Where the zip's own list ends; a comment of up to 64 kB may follow it. */
function endOfZip(view: DataView): number | undefined {
  for (let at = view.byteLength - 22; at >= Math.max(0, view.byteLength - 22 - 65_535); at--)
    if (view.getUint32(at, true) === END) return at
  return undefined
}
