import type { CavityClash, Joining, SideFate, WireFate } from '@/core/record/plan/revision'
import { list } from './figures'

const sideFateWords: Readonly<Record<Exclude<SideFate, 'keep'>, string>> = {
  move: 'contact out, into its new cavity',
  redo: 'contact cut off, strip and crimp again',
  retire: 'contact out, the side ends nowhere',
}

const clashWords = ({ contact, cavity, takes, is }: CavityClash) => `${cavity} takes size ${takes}, ${contact} is ${is}`

const joinWords = ({ how, with: other }: Joining) =>
  how === 'splits'
    ? `parts from ${other}`
    : other.startsWith('splice')
      ? `joins ${other}`
      : `shares a contact with ${other}`

/** What becomes of a wire by a plan change. */
export function fateWords(fate: WireFate): string {
  if (fate.cut === 'retire') return 'out of the plan: taken out of its cavities, the wire is given up'
  const sides = (['a', 'b'] as const).flatMap((side) => {
    const [one, join, clash] = [fate[side], fate.joins?.[side], fate.clashes?.[side]]
    const words = [
      ...(join ? [joinWords(join)] : []),
      ...(clash ? [clashWords(clash)] : []),
      ...(one === 'keep' ? [] : [sideFateWords[one]]),
    ]
    return words.length === 0 ? [] : [`side ${side}: ${words.join(', ')}`]
  })
  const cut =
    fate.cut === 'new-wire' ? ['a new wire is cut'] : fate.cut === 'cut-again' ? ['the wire is shortened'] : []
  return [...cut, ...sides].join('; ') || 'nothing that was done'
}

const text = (value: unknown) => (typeof value === 'string' || typeof value === 'number' ? String(value) : '')

/** What is wrong with a plan, and what would be right. */
export function planFaultWords(code: string, detail: Readonly<Record<string, unknown>>): string {
  const at = (key: string) => text(detail[key])
  switch (code) {
    case 'wire-twice':
      return `Wire ${at('wire')} stands twice: each wire needs an id of its own.`
    case 'end-twice':
      return `End ${at('end')} stands twice.`
    case 'unknown-end':
      return `Wire ${at('wire')} goes to end ${at('end')}, which the job does not have.`
    case 'unknown-housing':
      return `End ${at('end')} has housing ${at('housing')}, which is not on the shelf.`
    case 'unknown-wire-type':
      return `Wire ${at('wire')} is of type ${at('type')}, which is not on the shelf.`
    case 'unknown-cavity':
      return `Wire ${at('wire')} goes to ${at('end')}.${at('cavity')}; that housing has ${list((detail.known as readonly string[] | undefined) ?? [])}.`
    case 'cavity-taken':
      return `${at('end')}.${at('cavity')} is taken by ${at('by')}; ${at('wire')} needs another cavity.`
    case 'unknown-keying':
      return `End ${at('end')} has keying ${at('keying')}; its housing is made ${((detail.known as readonly string[] | undefined) ?? []).length > 0 ? `in ${list((detail.known as readonly string[] | undefined) ?? [])}` : 'in one only'}.`
    case 'unknown-mate':
      return `End ${at('end')} should mate with ${at('mate')}, which is not another end of this job.`
    case 'unknown-terminal':
      return `Wire ${at('wire')} ends in ${at('part')}, which is no terminal on the shelf.`
    case 'shares-nothing':
      return `Wire ${at('wire')} should share the contact of ${at('with')}, which has none.`
    case 'shared-twice':
      return `${at('with')} shares its contact already: two wires are the most.`
    case 'sealed-takes-one':
      return `${at('end')}.${at('cavity')} is sealed: it takes one insulation only, so ${at('wire')} cannot share it.`
    case 'splice-alone':
      return `Splice ${at('splice')} has wire ${at('wire')} alone: it needs another to join.`
    case 'end-in-use':
      return `End ${at('end')} has wires, like ${at('wire')}: move them first.`
    case 'wire-has-work':
      return `Wire ${at('wire')} has been worked on: take that work back before it is changed.`
    case 'wire-always-so':
      return `Wire ${at('wire')} is cut. Say whether it was always so, with the reason, or is another wire: the old one is scrapped then.`
    default:
      return 'The plan does not hold together.'
  }
}
