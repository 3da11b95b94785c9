import type { KnownSize, PhotoQuestionId, PhotoVerdict } from '@/core/craft/photo/photoQuestions'
import { mm } from './figures'

/** What is measured in a photo, and between which two points. */
export const photoQuestionWords: Readonly<
  Record<PhotoQuestionId, { readonly name: string; readonly between: string }>
> = {
  gap: { name: 'Gap', between: 'mouth to insulation' },
  brush: { name: 'Brush', between: 'wings to the strands’ end' },
  tab: { name: 'Cut-off tab', between: 'the contact’s end to the tab’s end' },
  'seal-edge': { name: 'Insulation before the seal', between: 'insulation’s end to the seal' },
  bend: { name: 'Bend', between: 'off the straight line' },
}

/** What gives a photo its scale. */
export const knownSizeWords: Readonly<Record<KnownSize['id'], string>> = {
  wings: 'the conductor wings’ length',
  barrel: 'the barrel’s length',
  overall: 'the contact’s whole length',
  'barrel-outer': 'the barrel across',
  insulation: 'the insulation across',
}

/** Where a measured length lies. */
export function photoVerdictWords(verdict: PhotoVerdict): string {
  switch (verdict.kind) {
    case 'inside':
      return 'inside'
    case 'below':
      return `${mm(verdict.byMm, 2)} too little`
    case 'above':
      return `${mm(verdict.byMm, 2)} too much`
    case 'cannot-tell':
      return 'cannot tell: it lies at the edge'
    case 'no-window':
      return 'an eye judges it'
  }
}
