import type { ToolClass } from '@/core/parts/catalogue/toolClasses'
import type { Tool } from '@/core/parts/catalogue/types'

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
