import { figure } from '@/words/figures'

/** What `SectionDrawing` says. */
export const sectionDrawingWords = {
  verdict: { sound: 'sound', loose: 'too loose', tight: 'too tight' },
  model: '(a model)',
  sectionOfMetalBefore: (verdict: string, compaction: number, voidShare: number) =>
    `Section, a model, ${verdict}: ${figure(compaction, 0)} % of the metal before, ${figure(voidShare, 0)} % open`,
}
