import type { OpenStep } from '@/core/craft/release/openSteps'
import type { HousingLock } from '@/core/parts/catalogue/secondaryLocks'
import { beforeFirstWords, coverActs, lockAccessWords, lockToolWords } from './lock'
import { capital, mm, plural } from './figures'

export interface OpenStepWords {
  readonly line: string
  readonly hint?: string
  readonly seen: string
}

/** What is done to the lock of an end before its contacts, as the title of its card. */
export const openingTitle = ({ said, moves }: HousingLock, name: string): string =>
  said?.whileInserting === 'at-stop'
    ? `Set the ${name} at its stop`
    : moves === 'before-and-after'
      ? `Raise the ${name}`
      : `Take off the ${name}`

const firstEnd = { mark: 'The end at the mark', far: 'The end away from the mark', unsaid: 'One end' } as const

const byStop = (mmToStop: number | undefined): string => (mmToStop === undefined ? '' : `, ${mm(mmToStop, 1)}`)

/** A step of opening an end, with the figures of its housing's sheet. */
export function openStepWords({ what, cover }: OpenStep, lock: HousingLock, cavities: number): OpenStepWords {
  const { said } = lock
  const name = cover ? coverActs(cover, lock).name : ''
  const turn = mm(said?.byTurnsMm ?? 0, 1)
  const named = [said?.tool, said?.toolEnd].filter((one) => one !== undefined).join(', ')
  const hold = said?.tool === undefined ? lockToolWords[lock.tool] : named
  switch (what) {
    case 'reach':
      return {
        line: capital([hold, lockAccessWords[lock.access]].filter((one) => one !== '').join(' ')),
        hint: `at the ${name}; keep clear of seals and mat`,
        seen: 'It has hold',
      }
    case 'first-end':
      return {
        line: `${said?.opensFirst ?? firstEnd[said?.opensAt ?? 'unsaid']} first: ${turn}`,
        hint: 'no further alone',
        seen: 'This end has moved',
      }
    case 'other-end':
      return { line: `The other end: ${turn}`, hint: 'by turns from here', seen: 'Both have moved' }
    case 'to-stop':
      return {
        line:
          said?.whileInserting === 'at-stop'
            ? beforeFirstWords(cover ?? 'wedge', lock)
            : `Up to the stop${byStop(said?.opensMm)}, level`,
        hint: 'it stops by itself: no further',
        seen: 'It stands at its stop',
      }
    case 'off':
      return {
        line: coverActs(cover ?? 'cap', lock).open,
        hint: 'out of the way, not lost',
        seen: `The ${name} is off`,
      }
    case 'clear':
      return {
        line: `${plural(cavities, 'hole')} clear, nothing broken`,
        hint: 'look along each row from the wire face',
        seen: 'All are clear',
      }
  }
}
