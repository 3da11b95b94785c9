import type { FamilyReason } from '@/core/choose/chooseFamily'
import { amps, list, mm2, range } from './figures'

const costs = ['', 'low', 'middle', 'high']

/** Why a family does not do. */
export function familyReasonWords(reason: FamilyReason): string {
  switch (reason.code) {
    case 'ways': return reason.most === 0 ? 'no housing has a cavity for that wire and load' : `at most ${String(reason.most)} ways for that`
    case 'wire': return `takes ${mm2(reason.minMm2)} to ${mm2(reason.maxMm2)}`
    case 'current': return `carries at most ${amps(reason.maxA)} on that wire`
    case 'insulation': return `insulation of ${range(reason.minMm, reason.maxMm)} mm only`
    case 'sealing': return reason.sealed ? 'is sealed' : 'is not sealed'
    case 'mounting': return `mounts ${list([...reason.has])} only`
    case 'vibration': return `stands ${reason.stands} vibration only`
    case 'field-service': return 'wants a special tool for an exchange'
    case 'cost': return `cost is ${costs[reason.cost] ?? ''}`
    case 'not-on-sheet': return 'what it suits is not on its sheet'
  }
}
