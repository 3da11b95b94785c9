import type { ToolClass } from '@/core/parts/catalogue/toolClasses'

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
}
