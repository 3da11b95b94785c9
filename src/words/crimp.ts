import { AS_FOUND, type TermState } from '@/core/record/state/records'
import type { CauseCode, DefectCode } from '@/core/craft/crimp/looks'
import type { SetupChange, SetupField } from '@/core/craft/setup/setup'
import type { ThreadItem } from '@/core/record/standing/threadFirst'
import { mm, shortMm } from './figures'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'
import type { StripLimit } from '@/core/parts/catalogue/stripShape'
import type { CureCode } from '@/core/craft/crimp/causes'

/** A look as a line of the card, and what the main button says when it is seen. */
export const lookWords: Readonly<Record<LookCode, { readonly line: string; readonly seen: string }>> = {
  'bottomed-hard': { line: 'Bottomed: hard, not springy', seen: 'It stops hard' },
  'strands-in-hole': { line: 'Strands in the hole', seen: 'Strands are there' },
  'gap-and-strands': { line: 'Gap in its window, all strands in', seen: 'Gap is right' },
  'indents-even': { line: 'Indents even, in the band', seen: 'Indents are even' },
  'straight-round': { line: 'Straight, round, no crack', seen: 'Straight and whole' },
  'wings-closed': { line: 'Wings closed, all strands inside', seen: 'Wings are closed' },
  'brush-shows': { line: 'Brush shows, clear of the front', seen: 'Brush shows' },
  'insulation-edge': { line: 'Insulation ends between the wings', seen: 'Edge is between' },
  'insulation-held': { line: 'Insulation held, bent once each way', seen: 'It holds' },
  'seal-in-wings': { line: 'Seal in its wings, whole', seen: 'Seal is held' },
  'contact-straight': { line: 'Straight, bell mouth, lances up', seen: 'Straight and clean' },
  'tip-reached': { line: 'Strands level with the tip', seen: 'Tip is reached' },
  'all-strands-inside': { line: 'Every strand inside', seen: 'All are inside' },
  'collar-at-insulation': { line: 'Collar against the insulation', seen: 'Collar is close' },
  'section-square': { line: 'Section even, closed all along', seen: 'Section is even' },
  'conductor-shows': { line: 'Conductor shows at the front', seen: 'It shows' },
  'stop-reached': { line: 'Conductor reaches the stop', seen: 'It reaches the stop' },
  'insulation-at-barrel': { line: 'Insulation at the barrel, none inside', seen: 'Edge is right' },
  'indent-in-place': { line: 'Indent where the sheet puts it', seen: 'Indent is in place' },
  'sleeve-intact': { line: 'Sleeve whole, straight', seen: 'Sleeve is whole' },
  'holds-by-hand': { line: 'Pulled by hand, firmly, straight: it holds', seen: 'It holds' },
  'pin-goes-home': { line: 'Mating pin goes fully home, wire held still', seen: 'Pin goes home' },
}

/** Changes of a setup that are named where there is one line for them; further ones are counted, since its card names each. */
const CHANGES_NAMED = 2

/** What changes from one setup to another, on one line. */
export function setupChangesWords(changes: readonly SetupChange[]): string {
  const named = changes.slice(0, CHANGES_NAMED).map(({ field, from, to }) => {
    const before = from === undefined ? '' : `${setupValue(field, from)} → `
    return `${setupFieldWords[field].toLowerCase()} ${before}${setupValue(field, to)}`
  })
  return [...named, ...(named.length < changes.length ? [`${changes.length - named.length} more`] : [])].join(', ')
}

/** How a crimp of this bench was looked at; of one that came with the harness nobody here knows. */
export const looksSeenWords = ({ setup, together }: NonNullable<TermState['crimp']>): string | undefined =>
  setup === AS_FOUND ? undefined : together ? 'seen together' : 'seen one by one'

export const defectWords: Readonly<Record<DefectCode, string>> = {
  'not-bottomed': 'does not reach the bottom',
  'insulation-in-barrel': 'insulation in the barrel: springy',
  'hole-empty': 'inspection hole empty',
  'gap-too-large': 'gap too large',
  'strand-outside': 'a strand outside',
  'strands-cut': 'strands nicked or cut',
  'indents-uneven': 'indents uneven',
  'indents-off-band': 'indents off their band',
  'under-crimped': 'too loose',
  'over-crimped': 'too tight',
  cracked: 'barrel cracked',
  bent: 'bent',
  'out-of-round': 'out of round',
  'wings-open': 'wings not closed',
  'brush-too-short': 'no brush to be seen',
  'brush-reaches-mating-part': 'brush reaches the mating part',
  'insulation-under-wings': 'insulation under the conductor wings',
  'bare-under-insulation-wings': 'bare strands under the insulation wings',
  'insulation-loose': 'insulation loose',
  'insulation-cut': 'insulation cut by its wings',
  'seal-out-of-wings': 'seal not in its wings',
  'seal-torn': 'seal pinched or torn',
  'seal-missing': 'no seal on the wire',
  'no-bell-mouth': 'no bell mouth at the rear',
  'lance-down': 'lance or barb pressed down',
  'tab-long': 'cut-off tab long',
  'mating-part-deformed': 'mating part deformed',
  'tip-not-reached': 'conductor does not reach its stop or tip',
  'strands-past-tip': 'strands stand too far out',
  'collar-torn': 'collar or sleeve torn',
  'indent-on-seam': 'indent on the wrong side of the seam',
  'stroke-stopped': 'stroke not finished, tool opened by its lever',
  'came-off': 'came off by hand',
}

export const causeWords: Readonly<Record<CauseCode, string>> = {
  'strip-short': 'strip too short',
  'strip-long': 'strip too long',
  'pushed-too-deep': 'wire pushed too deep',
  'not-pushed-home': 'wire not pushed home',
  'strands-splayed': 'strands splayed on the way in',
  'notch-small': 'stripper notch too small',
  'positioner-wrong': 'wrong positioner, or not latched',
  'selector-high': 'selector set too high',
  'selector-low': 'selector set too low',
  'die-wrong': 'wrong die or wrong row of its card',
  'tool-tilted': 'frame held askew during the stroke',
  'tool-worn': 'what forms the crimp is worn or dirty',
  'locator-off': 'contact not square in its locator',
  'seal-slipped': 'seal slipped back before the stroke',
  'seal-forgotten': 'seal forgotten before the strip',
  'cut-off-dull': 'cut-off blade dull',
  'die-reversed': 'contact the wrong way round in the die',
  'seam-turned': 'seam lay on the wrong side in the nest',
  'tool-jammed': 'tool jams before the end of its stroke',
  'let-go-early': 'release lever pulled, though it would have gone on',
}

/** The cure at its root; figures are filled in where the step knows them. */
export function cureWords(
  cure: CureCode,
  figures: {
    readonly stripMm?: number | undefined
    readonly wireStopMm?: number | undefined
    readonly selector?: number | undefined
    readonly positioner?: string | undefined
    readonly die?: string | undefined
  },
): string {
  const strip = figures.stripMm === undefined ? 'its window' : mm(figures.stripMm, 1)
  switch (cure) {
    case 'strip-more':
      return `strip to ${strip}`
    case 'strip-less':
      return `strip to ${strip}, set the stripper's stop`
    case 'set-wire-stop':
      return figures.wireStopMm === undefined
        ? 'stop as soon as it is felt'
        : `set the wire stop to ${mm(figures.wireStopMm)}`
    case 'push-home':
      return 'push until it stops, hold it there through the stroke'
    case 'lay-strands':
      return 'lay the strands as they were, turn them in gently'
    case 'larger-notch':
      return 'one notch larger, or new blades'
    case 'check-positioner':
      return `see that ${figures.positioner ?? 'the positioner'} is latched`
    case 'check-selector':
      return figures.selector === undefined
        ? 'check the selector against the placard'
        : `check that the selector stands at ${figures.selector}`
    case 'check-die':
      return figures.die === undefined
        ? 'check the die against its card'
        : `check that ${figures.die} is in, and its row`
    case 'hold-square':
      return 'hold wire and frame in one line'
    case 'verify-tool':
      return 'gauge the frame before the next piece'
    case 'set-locator':
      return 'seat the contact in the locator to its stop'
    case 'thread-seal':
      return 'cut back, seal on first'
    case 'seal-forward':
      return 'seal forward until a little insulation shows past it'
    case 'change-cutter':
      return 'change the cut-off blade'
    case 'turn-seam':
      return 'turn the barrel so that the seam lies where the sheet says'
    case 'squeeze-on':
      return 'squeeze on: it lets go by itself at the end of the stroke'
    case 'turn-die':
      return 'wide side of the die to the insulation wings'
  }
}

export const stripLimitWords: Readonly<Record<StripLimit, string>> = {
  'hole-empty': 'the inspection hole stays empty',
  'gap-too-small': 'the gap is too short: the insulation comes to the barrel',
  'insulation-in-barrel': 'insulation enters the barrel',
  'gap-too-large': 'the gap is too large',
  'brush-too-short': 'no brush shows',
  'insulation-under-wings': 'insulation lies under the conductor wings',
  'brush-reaches-mating-part': 'the brush reaches the mating part',
  'bare-under-insulation-wings': 'bare strands lie under the insulation wings',
  'tip-not-reached': 'the conductor does not reach the end of the barrel',
  'strands-past-tip': 'strands stand too far past the barrel',
}

export const setupFieldWords: Readonly<Record<SetupField, string>> = {
  tool: 'Frame',
  die: 'Die',
  positioner: 'Positioner',
  turret: 'Turret',
  selector: 'Selector',
  nest: 'Nest',
  wireStopMm: 'Wire stop',
  notchMm: 'Notch',
}

export const setupValue = (field: SetupField, value: string | number | undefined): string =>
  value === undefined ? 'off' : field === 'wireStopMm' || field === 'notchMm' ? shortMm(Number(value)) : String(value)

/** What the hand does for each figure of a setup. */
export const setupActWords: Readonly<Record<SetupField, string>> = {
  tool: 'Take the frame',
  die: 'Set in the die',
  positioner: 'Latch the positioner',
  turret: 'Turn the turret, shut its door',
  selector: 'Turn the selector',
  nest: 'Use the nest',
  wireStopMm: 'Set the wire stop',
  notchMm: 'Use the stripper notch',
}

/** How much of a carrier strip’s tab may stay on a contact. */
export const tabWords = (tabMm: number): string => `its tab at most ${mm(tabMm)}`

export const threadWords: Readonly<Record<ThreadItem['code'], string>> = {
  label: 'Label sleeve on',
  jacket: 'Jacket back, so far that the covers slide past its edge',
  split: 'Flat cable split back, so far that each core reaches its hole',
  backshell: 'Backshell on the wires, nut first',
  'strain-relief': 'Strain relief on the wires',
  comb: 'Comb over the wires',
  'shrink-tube': 'Shrink tube on, well back from the heat',
  'tail-cover': 'Tail cover on the wires, slot first',
  seal: 'Wire seal on, small end toward the contact',
}

/** A setup's id as words: `QF-5 · QP-2 · 7 · notch 1.1`. */
export const setupWords = (
  setup: Readonly<Partial<Record<keyof typeof setupFieldWords, string | number | undefined>>>,
): string =>
  [
    setup.tool,
    setup.die,
    setup.positioner,
    setup.turret !== undefined && `turret ${setup.turret}`,
    setup.selector,
    setup.nest,
  ]
    .filter((part) => part !== undefined && part !== false)
    .join(' · ')
