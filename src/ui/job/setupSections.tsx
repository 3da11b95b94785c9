import { setupSectionsWords as words } from '@/words/screens/job/setupSections'
import type { QueueGroup, QueueItem } from '@/core/views/queue'
import type { ReleaseWait } from '@/core/record/standing/releaseStanding'
import { type Setup, setupChanges } from '@/core/craft/setup/setup'
import { areaSaid } from '@/words/figures'
import { setupChangesWords, setupWords } from '@/words/crimp'
import { termName } from '@/words/steps'
import type { Glyph, QueueRows, QueueSection } from '../list/Queue'
import { designatedAreaMm2, printedAwg } from '@/core/record/plan/facts'
import type { JobState } from '@/core/record/state/state'
import { sideWords } from './WireChips'

/** What the heading of a setup says: what is in hand, or what changes to come to it. */
function groupTitle(group: QueueGroup, before: Setup | undefined): string {
  if (group.mounted) return words.inHand(setupWords(group.setup))
  if (!before) return words.first(setupWords(group.setup))
  const changes = setupChanges(before, group.setup)
  if (changes.some((change) => change.field === 'tool')) return words.then(setupWords(group.setup))
  return words.thenChange(setupChangesWords(changes))
}

/** What is crimped in one setup. */
export interface SetupSection extends QueueSection<QueueItem> {
  readonly group: QueueGroup
}

/** The queue of Prep and Crimp: a section for each setup, what is left of it first named. */
export function setupSections(
  groups: readonly QueueGroup[],
  leftOf: (group: QueueGroup) => number,
): readonly SetupSection[] {
  let before: Setup | undefined
  return groups.map((group) => {
    const title = groupTitle(group, before)
    before = group.setup
    const left = leftOf(group)
    return {
      id: group.id,
      title: left === 0 ? words.done(setupWords(group.setup)) : title,
      aside: left === 0 ? '✓' : words.left(left),
      attend: !group.mounted && left > 0,
      items: group.items,
      group,
    }
  })
}

/** The rows of Prep and Crimp. A view that keeps them by what they read draws them anew only then. */
export const setupRows = (
  { plan, facts }: Pick<JobState, 'plan' | 'facts'>,
  glyphOf: (item: QueueItem, group: QueueGroup) => Glyph,
  waitOf: (item: QueueItem, group: QueueGroup) => ReleaseWait | undefined = () => undefined,
): QueueRows<QueueItem, SetupSection> => ({
  keyOf: (item) => item.termination.key,
  look: (item, { group }) => {
    const { wire, side, key } = item.termination
    const type = facts.wireTypes[wire.type]
    const wait = waitOf(item, group)
    return {
      glyph: glyphOf(item, group),
      name: termName(key, plan.quantity),
      words:
        wait?.for === 'piece'
          ? words.waitsForPiece(sideWords(wire, side), termName(wait.term, plan.quantity), wait.term === key)
          : words.inPlace(sideWords(wire, side), wire.colour, item.inPlace),
      aside: type && areaSaid(designatedAreaMm2(type), printedAwg(type)).value,
    }
  },
})
