import type { BadText } from '@/core/base/badText'

/** What is wrong with a text that cannot be kept, and what would be right. */
export function badTextWords({ kind, at, path }: BadText): string {
  switch (kind) {
    case 'control':
      return `holds a control character at place ${at ?? 1}: take it out`
    case 'half-character':
      return `holds half of a character at place ${at ?? 1}: the text was cut or its encoding is broken`
    case 'reserved-name':
      return `“${String(path.at(-1))}” holds a name that programs keep for themselves: choose another`
    case 'too-deep':
      return 'is nested deeper than any document of this bench'
  }
}

/** The same as a sentence of its own, where no list of places is shown. */
export const badTextSentence = (bad: BadText): string =>
  `${bad.path.length === 0 ? 'What was entered' : bad.path.join('.')} ${badTextWords(bad)}.`
