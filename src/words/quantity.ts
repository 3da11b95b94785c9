import type { Dimension, QuantityFault } from '@/core/base/units/parseQuantity'

const examples: Readonly<Record<Dimension, string>> = {
  length: '1200 mm, 1.2 m or 47 in',
  force: '62 N or 14 lbf',
  resistance: '0.21 Ω or 35 mΩ',
  current: '4.5 A or 20 mA',
  area: '0.5 mm2 or 20 awg',
}

/** What is wrong with a figure that was typed, and what would be right. */
export function quantityWords(fault: QuantityFault, dimension: Dimension): string {
  switch (fault.kind) {
    case 'empty':
      return `A figure is wanted, like ${examples[dimension]}.`
    case 'not-a-number':
      return `“${fault.text}” is no figure. Like ${examples[dimension]}.`
    case 'unknown-unit':
      return `“${fault.unit}” is no unit of ${dimension}. Like ${examples[dimension]}.`
    case 'not-positive':
      return `${fault.value} is not above 0.`
  }
}
