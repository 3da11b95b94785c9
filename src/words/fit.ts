import type { Cure } from '@/core/work/kit/cures'
import type { FitNote, FitReason, NoTool, Unchecked } from '@/core/craft/fit/fitTypes'
import { amps, ampsApart, areasApart, day, figure, lengthsApart, list, mm, mm2, mmRange, stripWindow } from './figures'

/** Why a candidate is out, in one sentence. */
export function reasonWords(reason: FitReason): string {
  switch (reason.kind) {
    case 'cavity':
      return `made for another cavity: size ${reason.size}, this one takes ${reason.cavitySize}`
    case 'shape':
      return `a ${reason.shape}: ${list(reason.takes.map((one) => `${one}s`))} go here`
    case 'stud':
      return compared(lengthsApart(reason.holeMm, reason.studMm), (hole, stud) =>
        reason.holeMm < reason.studMm
          ? `its hole of ${hole} does not go round a stud of ${stud}`
          : `its hole of ${hole} is too wide for a stud of ${stud}: the washer would bear on the rim alone`,
      )
    case 'clamp':
      return `the clamp holds ${mm2(reason.minMm2)} to ${mm2(reason.maxMm2)}, this is ${mm2(reason.areaMm2)}`
    case 'gender':
      return `a ${reason.gender}; this half takes ${reason.needs}s`
    case 'conductor-small':
      return compared(
        areasApart(reason.areaMm2, reason.minMm2),
        (is, least) => `barrel too large: ${is} in one that starts at ${least}`,
      )
    case 'conductor-large':
      return compared(
        areasApart(reason.areaMm2, reason.maxMm2),
        (is, most) => `barrel too small: ${is} in one that ends at ${most}`,
      )
    case 'two-wires':
      return reason.why === 'sealed' ? 'a sealed cavity takes one insulation only' : 'its sheet allows one wire only'
    case 'insulation-support':
      return supportWords(reason)
    case 'seal-leaks':
      return compared(
        lengthsApart(reason.insulationMm, reason.minMm),
        (is, least) => `${is} is under the ${reason.by}'s ${least}: water would pass`,
      )
    case 'seal-tears':
      return compared(
        lengthsApart(reason.insulationMm, reason.maxMm),
        (is, most) => `the ${reason.by} would tear: ${is} in a window that ends at ${most}`,
      )
    case 'bore':
      return reason.what === 'seal'
        ? `the seal is made for a bore of ${mm(reason.diameterMm)}, this cavity has ${mm(reason.boreMm)}`
        : compared(
            lengthsApart(reason.diameterMm, reason.boreMm),
            (is, bore) =>
              `the ${reason.what === 'contact' ? 'crimped contact' : 'insulation'} would not enter: ${is} in a bore of ${bore}`,
          )
    case 'current':
      return `carries ${ampsApart(reason.allowedA, reason.currentA)[0]} at ${reason.ambientC} °C, the load is ${ampsApart(reason.allowedA, reason.currentA)[1]}`
    case 'plating':
      return `${reason.plating} against ${reason.matePlating}: the pair corrodes`
    case 'rule':
      return ruleWords(reason)
    case 'no-tool':
      return reason.why ? noToolWords(reason.why) : `no tool in the crib has a setting for it at ${mm2(reason.areaMm2)}`
    case 'no-seal-in-family':
      return 'no wire seal of this family on the shelf'
  }
}

type Support = Extract<FitReason, { kind: 'insulation-support' }>

/** The limit that is passed is the one that must differ from what is there. */
function supportWords({ insulationMm, minMm, maxMm }: Support): string {
  const thin = insulationMm < minMm
  const [is, limit] = lengthsApart(insulationMm, thin ? minMm : maxMm)
  const held = thin ? `from ${limit} to ${mm(maxMm)}` : minMm === 0 ? `up to ${limit}` : `from ${mm(minMm)} to ${limit}`
  return `it holds insulation ${held}, this is ${is}`
}

const compared = (apart: readonly [string, string], words: (one: string, other: string) => string): string =>
  words(...apart)

function ruleWords({ rule, tool }: Extract<FitReason, { kind: 'rule' }>): string {
  switch (rule) {
    case 'uncalibrated-tool':
      return `only ${tool} could crimp it, and these house rules want a calibrated frame`
    case 'estimate':
      return `the setting of ${tool} is estimated, and these house rules want a sheet's`
    case 'tool-overdue':
      return `${tool} is past its verification`
    case 'tool-class':
      return `${tool} is of a class that these house rules rule out`
  }
}

function noToolWords(why: NoTool): string {
  switch (why.kind) {
    case 'wrong-class':
      return `${why.tool} is the wrong class of tool for it: it would destroy the contact`
    case 'die-width':
      return `die ${why.die} of ${why.tool} is ${mm(why.formMm)} wide, the conductor wings are ${mm(why.barrelMm)}`
    case 'die-spacing':
      return `the forms of die ${why.die} stand ${mm(why.spacingMm)} apart, the wings ${mm(why.transitionMm)}`
    case 'no-strip':
      return `no strip length: neither its dimensions nor the card of ${why.tool} give one`
    case 'not-held':
      return why.tools.length === 1
        ? `only ${list(why.tools)} could crimp it, and it is not in the crib`
        : `${list(why.tools, 4)} could crimp it, and none of them is in the crib`
  }
}

/** A check that could not be made. */
export const uncheckedWords: Readonly<Record<Unchecked, string>> = {
  current: 'its rating is not on the sheet: the load is not checked',
  derating: 'its highest temperature is not on the sheet: held against its plain rating, not derated',
  bore: 'bore or crimped size is not on the sheet: whether it enters is not checked',
  stud: 'the hole of the terminal is not on its sheet: whether it goes round the stud is not checked',
  'insulation-support': 'what its wings hold is not on the sheet',
}

/** What is good to know of a setup that is no reason to refuse it. */
export function noteWords(note: FitNote): string {
  switch (note.kind) {
    case 'uncalibrated-tool':
      return `${note.tool} is not calibrated: it is recorded`
    case 'tool-overdue':
      return `${note.tool} was due on ${day(note.dueOn)}`
    case 'setting-estimated':
      return 'the setting is estimated, not from a sheet'
    case 'by-pliers':
      return `by pliers: nothing holds the stroke until it is whole, and the first piece is the only proof. It is recorded as made with ${note.tool}`
    case 'nest-to-try':
      return `no card names a nest of ${note.tool}: try which one still holds the crimp loosely when nearly shut; the first piece proves it`
    case 'height-estimated':
      return 'the height window is estimated from the metal, no sheet gives it: it is recorded as an estimate'
    case 'card-contradicts':
      return `the card of ${note.tool} gives this same setting another height too, ${mmRange(note.minMm, note.maxMm)}, and nothing to adjust: both cannot be right. Measure the first piece, and ask for the card to be put right`
    case 'strip-contradicts':
      return `the card’s own strip is ${stripWindow(note.sheet)}, these house rules ask ${stripWindow(note.house)}: ${note.counts === 'sheet' ? 'the card counts' : 'the rules count'} here`
    case 'fold-back':
      return `the bare end is folded back on itself to ${mm2(note.areaMm2)}: it is recorded`
    case 'two-wires':
      return `two wires, ${mm2(note.areaMm2)} together`
    case 'no-notch':
      return `no stripper notch clears a bundle of ${mm(note.bundleMm)}`
  }
}

// what is between two conductors is no conductor: it has no gauge
const areaMiss = (missMm2: number) => `${figure(missMm2, 3)} mm²`

/** How near it was, for a column of figures. */
export function missWords(reason: FitReason): string {
  switch (reason.kind) {
    case 'conductor-small':
      return areaMiss(reason.minMm2 - reason.areaMm2)
    case 'conductor-large':
      return areaMiss(reason.areaMm2 - reason.maxMm2)
    case 'seal-leaks':
      return mm(reason.minMm - reason.insulationMm)
    case 'seal-tears':
      return mm(reason.insulationMm - reason.maxMm)
    case 'insulation-support':
      return mm(Math.max(reason.minMm - reason.insulationMm, reason.insulationMm - reason.maxMm))
    case 'bore':
      return mm(Math.abs(reason.diameterMm - reason.boreMm))
    case 'current':
      return amps(reason.currentA - reason.allowedA)
    case 'clamp':
      return areaMiss(Math.max(reason.minMm2 - reason.areaMm2, reason.areaMm2 - reason.maxMm2))
    case 'stud':
      return mm(Math.abs(reason.holeMm - reason.studMm))
    default:
      return '–'
  }
}

/** What would cure a rejection. */
export function cureWords(cure: Cure, familyName: (id: string) => string): string {
  switch (cure.kind) {
    case 'seal':
      return `seal ${cure.seal}`
    case 'contact':
      return `contact ${cure.contact}`
    case 'wire-type':
      return `wire ${cure.wireType}`
    case 'family':
      return `${familyName(cure.family)}, size ${cure.size}`
  }
}
