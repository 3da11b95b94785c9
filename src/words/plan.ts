import { list } from './figures'

const text = (value: unknown) => (typeof value === 'string' || typeof value === 'number' ? String(value) : '')

/** What is wrong with a plan, and what would be right. */
export function planFaultWords(code: string, detail: Readonly<Record<string, unknown>>): string {
  const at = (key: string) => text(detail[key])
  switch (code) {
    case 'wire-twice': return `Wire ${at('wire')} stands twice: each wire needs an id of its own.`
    case 'end-twice': return `End ${at('end')} stands twice.`
    case 'unknown-end': return `Wire ${at('wire')} goes to end ${at('end')}, which the job does not have.`
    case 'unknown-housing': return `End ${at('end')} has housing ${at('housing')}, which is not on the shelf.`
    case 'unknown-wire-type': return `Wire ${at('wire')} is of type ${at('type')}, which is not on the shelf.`
    case 'unknown-cavity': return `Wire ${at('wire')} goes to ${at('end')}.${at('cavity')}; that housing has ${list((detail.known as readonly string[] | undefined) ?? [])}.`
    case 'cavity-taken': return `${at('end')}.${at('cavity')} is taken by ${at('by')}; ${at('wire')} needs another cavity.`
    case 'wire-has-work': return `Wire ${at('wire')} has been worked on: take that work back before it is changed.`
    default: return 'The plan does not hold together.'
  }
}
