import type { BringItem } from '@/core/views/bringList'
import { setupFieldWords, setupValue } from './crimp'
import { list, mm } from './figures'
import { releaseTipWords } from './release'

const consumables = {
  labels: 'labels, one for each wire’s end',
  lacing: 'lacing, ties',
  lubricant: 'lubricant that the sheet approves',
} as const

/** What is set on a tool, without the tool itself. */
const settings = ({ setups }: Extract<BringItem, { kind: 'crimp-tool' }>) =>
  (['die', 'positioner', 'nest'] as const)
    .flatMap((field) => {
      const values = [...new Set(setups.flatMap((setup) => setup[field] ?? []))].map((one) => setupValue(field, one))
      return values.length === 0 ? [] : [`${setupFieldWords[field].toLowerCase()} ${list(values, 4)}`]
    })
    .join(', ')

/** Something to bring to the bench: its number, and with which end, size, die or notch. */
export function bringWords(item: BringItem): { readonly what: string; readonly part: string; readonly with: string } {
  switch (item.kind) {
    case 'crimp-tool':
      return { what: 'crimp tool', part: item.tool, with: settings(item) }
    case 'gauge':
      return {
        what: 'gauge',
        part: item.tool,
        with: `of ${item.of}${item.selector === undefined ? '' : `, at selector ${String(item.selector)}`}`,
      }
    case 'stripper':
      return {
        what: 'stripper',
        part: item.tool ?? '',
        with: `${item.notches.length === 1 ? 'notch' : 'notches'} ${list([...item.notches], 6)}`,
      }
    case 'release':
      return {
        what: 'release tool',
        part: item.tool,
        with: `size ${list([...item.sizes], 4)}${item.putsIn ? ', both ends: in and out' : ''}`,
      }
    case 'no-release':
      return {
        what: releaseTipWords[item.tip],
        part: '',
        with: `size ${item.size}${item.insulationMm === undefined ? '' : ` on ${mm(item.insulationMm)}`}: none in the crib`,
      }
    case 'lock-tool':
      return {
        what: 'for the lock',
        part: item.tool,
        with: [item.end, `of ${list([...item.housings], 3)}`].filter(Boolean).join(', '),
      }
    case 'consumable':
      return { what: consumables[item.what], part: '', with: '' }
  }
}

/** The same as one line. */
export function bringLine(item: BringItem): string {
  const { what, part, with: more } = bringWords(item)
  return [part === '' ? what : `${part}, ${what}`, more].filter((one) => one !== '').join(': ')
}
