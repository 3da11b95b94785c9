import { setupSectionsWords as words } from '@/words/screens/job/setupSections'
import type { QueueGroup, QueueItem } from '@/core/views/queue'
import { type Setup, setupChanges } from '@/core/craft/setup/setup'
import { figure } from '@/words/figures'
import { setupFieldWords, setupValue, setupWords } from '@/words/crimp'
import { termName } from '@/words/steps'
import type { Glyph, QueueRow, QueueSection } from '../list/Queue'
import { sideWords } from './WireChips'

/** What the heading of a setup says: what is in hand, or what changes to come to it. */
function groupTitle(group: QueueGroup, before: Setup | undefined): string {
  if (group.mounted) return words.inHand(setupWords(group.setup))
  if (!before) return words.first(setupWords(group.setup))
  const changes = setupChanges(before, group.setup)
  if (changes.some((change) => change.field === 'tool')) return words.then(setupWords(group.setup))
  return words.thenChange(
    changes
      .map(
        (change) =>
          `${setupFieldWords[change.field].toLowerCase()} ${setupValue(change.field, change.from)} → ${setupValue(change.field, change.to)}`,
      )
      .join(', '),
  )
}

/** The queue of Prep and Crimp: a section for each setup, what is left of it first named. */
export function setupSections(
  groups: readonly QueueGroup[],
  quantity: number,
  glyphOf: (item: QueueItem, group: QueueGroup) => Glyph,
  leftOf: (group: QueueGroup) => number,
  areaOf: (item: QueueItem) => number | undefined,
): readonly QueueSection[] {
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
      rows: group.items.map((item): QueueRow => ({
        key: item.termination.key,
        look: () => {
          const { wire, side, key } = item.termination
          const area = areaOf(item)
          return {
            glyph: glyphOf(item, group),
            name: termName(key, quantity),
            words: words.inPlace(sideWords(wire, side), wire.colour, item.inPlace),
            aside: area === undefined ? undefined : figure(area, 2),
          }
        },
      })),
    }
  })
}
