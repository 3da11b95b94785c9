import type { HousingClue } from '@/core/parts/identify/identifyHousing'
import type { Construction, FamilyFacts } from '@/core/parts/catalogue/types'
import type { FamilyReason } from '@/core/parts/choose/chooseFamily'
import { amps, capital, areaRange, list, mmRange } from './figures'

const costs = ['', 'low', 'middle', 'high']

/** Why a family does not do. */
export function familyReasonWords(reason: FamilyReason): string {
  switch (reason.kind) {
    case 'ways':
      return reason.most === 0
        ? 'no housing has a cavity for that wire and load'
        : `at most ${String(reason.most)} ways for that`
    case 'wire':
      return `takes ${areaRange(reason.minMm2, reason.maxMm2)}`
    case 'current':
      return `carries at most ${amps(reason.maxA)} on that wire`
    case 'insulation':
      return `insulation of ${mmRange(reason.minMm, reason.maxMm)} only`
    case 'sealing':
      return reason.sealed ? 'is sealed' : 'is not sealed'
    case 'mounting':
      return `mounts ${list([...reason.has])} only`
    case 'vibration':
      return `stands ${reason.stands} vibration only`
    case 'field-service':
      return 'wants a special tool for an exchange'
    case 'cost':
      return `cost is ${costs[reason.cost] ?? ''}`
    case 'not-on-sheet':
      return 'what it suits is not on its sheet'
  }
}

/** How a family keeps water out, in a sentence. */
export const sealingWords: Readonly<Record<FamilyFacts['sealing'], string>> = {
  none: 'Not sealed.',
  'wire-seal': 'A seal on each wire.',
  'mat-seal': 'A mat seal at the rear.',
  'mat-self-piercing': 'A mat that each wire pierces.',
}

/** A family in a few words: how it seals, which half takes which contact, what holds them. */
export function familyWords(
  family: Pick<FamilyFacts, 'sealing' | 'halves' | 'release' | 'lock' | 'orientation'>,
): string {
  const half = (takes: 'pin' | 'socket' | 'either') => (takes === 'either' ? 'pins or sockets' : `${takes}s`)
  const halves =
    family.halves.plug === family.halves.receptacle
      ? `Both halves take ${half(family.halves.plug)}.`
      : `The plug takes ${half(family.halves.plug)}, the receptacle ${half(family.halves.receptacle)}.`
  return [
    sealingWords[family.sealing],
    halves,
    family.orientation === undefined ? '' : `${capital(family.orientation)}.`,
  ]
    .filter(Boolean)
    .join(' ')
}

/** What agrees or does not, of a connector that nobody can name. */
export const housingClueWords: Readonly<Record<HousingClue, string>> = {
  ways: 'ways',
  rows: 'rows',
  shape: 'shape',
  pitch: 'pitch',
  mark: 'mark',
  role: 'plug or receptacle',
}

export const constructionWords = {
  'closed-barrel': 'closed barrel',
  'open-barrel': 'open barrel',
  'open-barrel-sealed': 'open barrel sealed',
  sleeve: 'terminal or splice',
} as const satisfies Readonly<Record<Construction, string>>
