import type { LayoutFault } from '@/core/record/plan/layout'
import { mm } from './figures'

/** What is wrong with a layout, and what would be right. */
export function layoutFaultWords(fault: LayoutFault): string {
  switch (fault.kind) {
    case 'segment-twice':
      return `Two stretches are called ${fault.segment}: each has a name of its own.`
    case 'runs-round':
      return `${fault.segment} closes a ring: a bundle is a tree.`
    case 'not-joined':
      return `${fault.node} hangs together with no other stretch: say where it joins.`
    case 'end-missing':
      return `${fault.end} has wires and lies on no stretch.`
    case 'keep-out-outside':
      return `A place without ties lies outside of ${fault.segment}, which is ${mm(fault.lengthMm, 0)} long.`
  }
}
