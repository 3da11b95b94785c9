import { figure } from '@/words/figures'

/** What `SectionDrawing` says. */
export const sectionDrawingWords = {
  tooLoose: 'too loose',
  tooTight: 'too tight',
  sectionOfMetalBefore: (verdict: string, compaction: number, voidShare: number) =>
    `Section, ${verdict}: ${figure(compaction, 0)} % of the metal before, ${figure(voidShare, 0)} % open`,
}
