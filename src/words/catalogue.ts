import type { CatalogueFault } from '@/core/catalogue/catalogue'

/** Why a catalogue package does not hold together. */
export function catalogueFaultWords(fault: CatalogueFault): string {
  switch (fault.code) {
    case 'duplicate-id': return `${fault.kind} ${fault.id} stands twice: each needs an id of its own`
    case 'unknown-reference': return `${fault.in}: ${fault.field} names ${fault.id}, which is not there`
    case 'bad-arrangement': return `housing ${fault.housing}: its arrangement cannot be numbered as it says (${fault.fault.code})`
    case 'cavity-without-size': return `housing ${fault.housing}: cavity ${fault.cavity} has no contact size; give cavitySize or a size for each cavity`
    case 'cavity-twice': return `housing ${fault.housing}: cavity ${fault.cavity} stands twice`
  }
}
