import { PACKAGE_LIMIT_MB } from '@/core/parts/catalogue/packageLists'
import type { Waiting } from '@/core/parts/catalogue/waiting'
import type { CatalogueFault } from '@/core/parts/catalogue/faults'
import type { ArrangementFault } from '@/core/base/face/arrangement'
import { badTextSentence } from './badText'
import { list, mm } from './figures'

/** Why the cavities of a housing cannot be placed or numbered as they say. */
export function arrangementWords(fault: ArrangementFault): string {
  switch (fault.kind) {
    case 'order-not-for-arrangement':
      return `${fault.arrangement === 'free' ? 'free positions' : fault.arrangement} are numbered ${fault.arrangement === 'rings' ? 'out or in' : 'same-side or snake'}, not ${fault.order}`
    case 'lengths-differ':
      return `${fault.field} needs ${fault.expected} figures, has ${fault.found}`
    case 'no-letters':
      return 'every letter is skipped'
    case 'ids-missing':
      return `${fault.expected} cavities need as many ids, the list has ${fault.found}`
  }
}

/** Why a catalogue package does not hold together. */
export function catalogueFaultWords(fault: CatalogueFault): string {
  switch (fault.kind) {
    case 'bad-text':
      return badTextSentence(fault.bad)
    case 'duplicate-id':
      return `${fault.item} ${fault.id} stands twice: each needs an id of its own`
    case 'unknown-reference':
      return `${fault.in}: ${fault.field} names ${fault.id}, which is not there`
    case 'bad-arrangement':
      return `housing ${fault.housing}: ${arrangementWords(fault.fault)}`
    case 'cavity-without-size':
      return `housing ${fault.housing}: cavity ${fault.cavity} has no contact size; give cavitySize or a size for each cavity`
    case 'cavity-twice':
      return `housing ${fault.housing}: cavity ${fault.cavity} stands twice`
    case 'cavities-overlap':
      return `housing ${fault.housing}: cavities ${fault.cavities.join(' and ')} overlap: ${mm(fault.apartMm)} apart, their bores need ${mm(fault.needMm)}`
    case 'cavity-outside':
      return `housing ${fault.housing}: cavity ${fault.cavity} lies outside its outline`
    case 'rows-contradict':
      return `placard ${fault.placard}: rows ${fault.rows.join(' and ')} both are for ${fault.contact} at the same conductor and differ in ${fault.field}`
  }
}

/** What waits on the shelf, and what would end that. */
export function waitingWords(waiting: Waiting): string {
  switch (waiting.kind) {
    case 'tool':
      return `${waiting.tool} is not in the crib: the settings of ${list([...waiting.contacts], 4)} wait for it. Enter it there.`
    case 'contact':
      return `${waiting.contact} is not on the shelf: row ${list(waiting.rows.map(String), 4)} of ${waiting.tool} waits for it. Put it on the shelf, or mend its number.`
    case 'lock-tool':
      return `${waiting.tool}, for the lock of ${waiting.housing}, is not in the crib. Enter it there.`
    case 'mate':
      return `${waiting.mate}, the mate of ${waiting.housing}, is not on the shelf: put it there, or mend its number.`
  }
}

export const noTextWords = 'The file is no text in UTF-8.'

export const noPackageWords =
  'This is no catalogue package: one says format: urn-bench/catalogue and version: 1 before anything else.'

export const tooLargeWords = `The file is above ${PACKAGE_LIMIT_MB} MB: no catalogue of a workshop. Nothing was read.`
