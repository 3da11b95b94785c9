import type { ToolDue } from '@/core/craft/setup/setup'
import type { ToolClass } from '@/core/parts/catalogue/toolClasses'
import type { Tool } from '@/core/parts/catalogue/types'
import { day, plural } from './figures'

export const toolClassWords: Readonly<Record<ToolClass, string>> = {
  'four-indent-positioned': 'four-indent frame with positioner',
  'four-indent-plain': 'four-indent tool held by hand',
  'parallel-die': 'parallel frame with dies',
  'nest-ratchet': 'ratchet tool with nests',
  'notch-pliers': 'notch pliers, two strokes',
  'plain-pliers': 'plain pliers',
  'ferrule-square': 'square ferrule tool',
  'sleeve-nest': 'sleeve tool with its own nests',
  stripper: 'stripper',
  release: 'release tool',
  gauge: 'gauge',
  'torque-cable': 'torque or cable tool',
}

/** Where a tool is. */
export const heldToolWords: Readonly<Record<NonNullable<Tool['held']>, string>> = {
  crib: 'in this crib',
  borrow: 'can be borrowed',
  shop: 'in a shop’s list only',
}

/** Since when a tool is overdue: its date, or the contacts that it was good for. */
export const overdueWords = ({ dueOn, strokes }: Extract<ToolDue, { kind: 'overdue' }>): string =>
  strokes
    ? `overdue: good for ${plural(strokes.every, 'contact')}, ${String(strokes.made)} made`
    : `overdue since ${day(dueOn)}`
