import { setupId } from '../craft/setup/setup'
import type { ChosenSet } from '../craft/setup/chosenSet'
import { wireKey } from '../record/plan/keys'
import type { Termination } from '../record/plan/plan'
import { isUnproven } from '../record/standing/prepAhead'
import { cutLengthMm } from '../record/standing/slack'
import { threadFirst } from '../record/standing/threadFirst'
import type { JobState } from '../record/state/state'
import { sealPlace } from '../craft/strip/sealPlace'
import { type QueueItem, setupQueue } from './queue'

/** More than this lie in no hand at once, and are looked over by no eye. */
export const MOST_ALIKE = 12

/** What has to be done at a piece before its contact, as text: pieces that say the same are prepared alike. */
function preparedAs(state: JobState, termination: Termination, set: ChosenSet): string {
  const { wire, unit } = termination
  const cut = state.cuts.get(wireKey(unit, wire.id))
  const thread = threadFirst(state, termination, set).map(({ code, part, backMm }) => [code, part, backMm])
  const contact = state.facts.contacts[set.contact]
  return JSON.stringify([
    wire.type,
    cut ? 'cut' : cutLengthMm(state, wire),
    thread,
    set.seal,
    set.strip,
    set.foldBack,
    contact && sealPlace(contact),
  ])
}

/**
 * The pieces that are prepared with this one: the same setup, wire, length and strip, the same parts on the wire, at the same
 * place, whatever contact comes then. This one is the first. Before a piece like it has been released none is among them, since
 * its strip is not proven.
 */
export function alikePieces(state: JobState, termination: Termination, set: ChosenSet): readonly Termination[] {
  const id = setupId(set.setup)
  const group = setupQueue(state).find((one) => one.id === id)
  const own = group?.items.find((item) => item.termination.key === termination.key)
  const isProven = ({ crimpClass }: QueueItem) => !isUnproven(state, id, crimpClass)
  // a contact with two wires is a piece of its own: both are cut and laid together
  if (!group || termination.also || own?.stage !== 'to-strip' || !isProven(own)) return [termination]
  const as = preparedAs(state, termination, set)
  const alike = [termination]
  for (const item of group.items) {
    if (alike.length === MOST_ALIKE) break
    if (
      item !== own &&
      !item.termination.also &&
      item.stage === 'to-strip' &&
      item.inPlace === own.inPlace &&
      item.termination.wire.type === termination.wire.type &&
      isProven(item) &&
      preparedAs(state, item.termination, item.set) === as
    )
      alike.push(item.termination)
  }
  return alike
}
