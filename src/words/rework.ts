import type { DamageId, EndDamageId } from '@/core/craft/faults/damage'
import type { RepairStep } from '@/core/work/rework/repairPlan'
import { planIndex, type Plan } from '@/core/record/plan/plan'
import type { AdapterFault } from '@/core/work/rework/adapter'
import type { CavityMapping } from '@/core/work/rework/mapCavities'
import type { MatchedBy } from '@/core/work/rework/matchWires'
import type { MoveFault, MovePlan, MoveStep } from '@/core/work/rework/moveTypes'
import { mm, plural } from './figures'
import { termName } from './steps'

/** Why no move plan can be made, and what would be right. */
export function moveFaultWords(fault: MoveFault): string {
  switch (fault.kind) {
    case 'contact-in-two-places':
      return fault.when === 'now'
        ? `wire ${fault.contact} stands in ${fault.places[0]} and in ${fault.places[1]}: a wire is in one cavity of a housing`
        : `wire ${fault.contact} is wanted in ${fault.places[0]} and in ${fault.places[1]}: give it one of them`
    case 'loose-and-seated':
      return `wire ${fault.contact} hangs out and stands in ${fault.place}: it is one or the other`
    case 'plugged-and-filled':
      return `${fault.place} holds wire ${fault.contact} and a plug: it is one or the other`
  }
}

/** `W07a`, and the wire that shares its contact. */
function contactName(key: string, plan: Plan): string {
  const also = planIndex(plan).byKey.get(key)?.also
  return `${termName(key, plan.quantity)}${also ? ` with ${also.wire.id}${also.side}` : ''}`
}

/** One step of a move plan, as the hand does it. */
export function moveStepWords(step: MoveStep, plan: Plan): string {
  const name = (contact: string) => contactName(contact, plan)
  switch (step.do) {
    case 'extract':
      return `Take ${name(step.contact)} out of ${step.place}`
    case 'park':
      return `Take ${name(step.contact)} out of ${step.place}, put it aside`
    case 'retire':
      return `Take ${name(step.contact)} out of ${step.place} for good`
    case 'bring':
      return `Have ${name(step.contact)} ready`
    case 'insert':
      return `Seat ${name(step.contact)} in ${step.place}`
    case 'plug':
      return `Plug ${step.place}`
    case 'unplug':
      return `Take the plug out of ${step.place}`
  }
}

/** What a move plan costs, and why there is none that costs less. */
export function movePlanWords({ extractions, parkings, parkedAtOnce, walk }: MovePlan): readonly string[] {
  return [
    `${plural(extractions, 'contact')} to take out: each in a wrong cavity once, there is no way with fewer.`,
    parkings === 0
      ? 'None is put aside.'
      : `${plural(parkings, 'wire')} to put aside, one for each closed ring; ${parkedAtOnce === 1 ? 'never more than one at a time' : `${parkedAtOnce} at a time at most`}.`,
    `Every lock is opened once. ${walk.shortest ? 'Every order was compared: this is the shortest way for the hands.' : 'The order is a short way for the hands; there may be a shorter one.'}`,
  ]
}

/** How wires are numbered in another housing. */
export const mappingWords: Readonly<Record<CavityMapping, string>> = {
  'same-id': 'the same numbers',
  'same-place': 'the same place from the mark',
  'in-order': 'one after the other',
}

/** How a wanted wire was found among those that are there. */
export const matchedWords: Readonly<Record<MatchedBy, string>> = {
  hand: 'by hand',
  signal: 'same signal',
  number: 'same number',
  new: 'new wire',
}

/** Why there is no adapter between two ends. */
export function adapterFaultWords(fault: AdapterFault): string {
  switch (fault.kind) {
    case 'no-housing':
      return `End ${fault.end} has no housing among the job’s facts.`
    case 'no-mate':
      return `Nothing on the shelf mates with ${fault.housing}, end ${fault.end}: put its other half on the shelf first.`
    case 'no-signal-in-common':
      return `${fault.a} and ${fault.b} have no signal in common: give the wires their signals in the pinout.`
  }
}

/** What is broken, as one says it. */
export const damageWords: Readonly<Record<DamageId, string>> = {
  contact: 'The contact is broken, bent or burnt',
  seal: 'Its seal is cut or swollen',
  'wire-end': 'The wire is broken or chafed close to it',
  wire: 'The wire is broken on its way: a whole new one',
  'kept-equal': 'Redone to stay equal with its neighbours',
}

/** What is broken of an end. */
export const endDamageWords: Readonly<Record<EndDamageId, string>> = {
  lock: 'Its lock is broken or lost',
  housing: 'The housing is broken',
}

/** One step of a repair. */
export function repairStepWords(step: RepairStep, quantity = 1): string {
  switch (step.do) {
    case 'open-lock':
      return `Open the lock of ${step.end}`
    case 'open-shell':
      return `Loosen ${step.parts.join(', ')} of ${step.end}, back over the wires`
    case 'secure-shell':
      return `${step.parts.join(', ')} of ${step.end} on again, made fast as its sheet says: last`
    case 'close-lock':
      return `Close the lock of ${step.end}`
    case 'look-over':
      return `Look ${step.end} over from both sides`
    case 'take-lock':
      return `Take the broken lock off ${step.end}, a new ${step.part ?? 'one'} to hand`
    case 'take-housing':
      return `${step.lockIsPart ? 'The lock is a part of the housing: a' : 'A'} new ${step.part} beside the old one of ${step.end}`
    case 'carry-over':
      return `${step.count === 1 ? 'Its contact' : `All ${step.count} contacts`} out of the old housing and into the new one, one by one`
    case 'through-cover':
      return `${step.count === 1 ? 'Its contact' : `All ${step.count} contacts`} out, through the new cover, and in again`
    case 'mate':
      return `Check ${step.end} against ${step.with}`
    case 'take-out':
      return `Take ${termName(step.term, quantity)} out`
    case 'cut-off':
      return `Cut ${termName(step.term, quantity)} off`
    case 'sheath-back':
      return `${step.code === 'jacket' ? 'Jacket of cable' : 'Split of flat cable'} ${step.name} back by ${mm(step.byMm, 0)}${step.toMm === undefined ? '' : `, to ${mm(step.toMm, 0)} from the end`}`
    case 'strip':
      return `Strip ${termName(step.term, quantity)}`
    case 'crimp':
      return `Crimp ${termName(step.term, quantity)}`
    case 'seat':
      return `Seat ${termName(step.term, quantity)}`
    case 'open-lacing':
      return `Open the lacing along ${step.wire}`
    case 'renew-lacing':
      return `Renew the lacing along ${step.wire}`
    case 'cut-wire':
      return `Draw ${step.wire} out, cut a new one`
    case 'prove':
      return `Prove ${step.wire}`
  }
}

/** What is left to do where the slack does not bear another try. */
export const repairOfferWords = {
  'longer-wire': 'A whole new wire instead',
  splice: 'A splice with a piece of the same wire',
} as const
