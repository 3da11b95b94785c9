import type { Cure } from '@/core/work/kit/cures'
import type { FitNote, FitReason, NoTool, Unchecked } from '@/core/craft/fit/fitTypes'
import { amps, day, list, mm, mm2, range } from './figures'

/** Why a candidate is out, in one sentence. */
export function reasonWords(reason: FitReason): string {
  switch (reason.kind) {
    case 'cavity':
      return `made for another cavity: size ${reason.size}, this one takes ${reason.cavitySize}`
    case 'gender':
      return `a ${reason.gender}; this half takes ${reason.needs}s`
    case 'conductor-small':
      return `barrel too large: ${mm2(reason.areaMm2)} in one that starts at ${mm2(reason.minMm2)}`
    case 'conductor-large':
      return `barrel too small: ${mm2(reason.areaMm2)} in one that ends at ${mm2(reason.maxMm2)}`
    case 'two-wires':
      return reason.why === 'sealed' ? 'a sealed cavity takes one insulation only' : 'its sheet allows one wire only'
    case 'insulation-support':
      return `it holds ${range(reason.minMm, reason.maxMm)} mm of insulation, this is ${mm(reason.insulationMm)}`
    case 'seal-leaks':
      return `${mm(reason.insulationMm)} is under the ${reason.by}'s ${mm(reason.minMm)}: water would pass`
    case 'seal-tears':
      return `the ${reason.by} would tear: ${mm(reason.insulationMm)} in a window that ends at ${mm(reason.maxMm)}`
    case 'bore':
      return reason.what === 'seal'
        ? `the seal is made for a bore of ${mm(reason.diameterMm)}, this cavity has ${mm(reason.boreMm)}`
        : `the ${reason.what === 'contact' ? 'crimped contact' : 'insulation'} would not enter: ${mm(reason.diameterMm)} in a bore of ${mm(reason.boreMm)}`
    case 'current':
      return `carries ${amps(reason.allowedA)} at ${reason.ambientC} °C, the load is ${amps(reason.currentA)}`
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
    case 'height-estimated':
      return 'the height window is estimated from the metal, no sheet gives it: it is recorded as an estimate'
    case 'card-contradicts':
      return `the card of ${note.tool} gives this same setting another height too, ${range(note.minMm, note.maxMm)} mm, and nothing to adjust: both cannot be right. Measure the first piece, and ask for the card to be put right`
    case 'fold-back':
      return `the bare end is folded back on itself to ${mm2(note.areaMm2)}: it is recorded`
    case 'two-wires':
      return `two wires, ${mm2(note.areaMm2)} together`
    case 'no-notch':
      return `no stripper notch clears a bundle of ${mm(note.bundleMm)}`
  }
}

/** How near it was, for a column of figures. */
export function missWords(reason: FitReason): string {
  switch (reason.kind) {
    case 'conductor-small':
      return mm2(reason.minMm2 - reason.areaMm2)
    case 'conductor-large':
      return mm2(reason.areaMm2 - reason.maxMm2)
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
