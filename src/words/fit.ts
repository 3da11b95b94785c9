import type { FitNote, FitReason } from '@/core/fit/fit'
import { amps, day, mm, mm2, range } from './figures'

/** Why a candidate is out, in one sentence. */
export function reasonWords(reason: FitReason): string {
  switch (reason.code) {
    case 'cavity': return `made for another cavity: size ${reason.size}, this one takes ${reason.cavitySize}`
    case 'gender': return `a ${reason.gender}; this half takes ${reason.needs}s`
    case 'conductor-small': return `barrel too large: ${mm2(reason.areaMm2)} in one that starts at ${mm2(reason.minMm2)}`
    case 'conductor-large': return `barrel too small: ${mm2(reason.areaMm2)} in one that ends at ${mm2(reason.maxMm2)}`
    case 'insulation-support': return `its wings hold ${range(reason.minMm, reason.maxMm)} mm of insulation, this is ${mm(reason.insulationMm)}`
    case 'seal-leaks': return `${mm(reason.insulationMm)} is under the ${reason.by}'s ${mm(reason.minMm)}: water would pass`
    case 'seal-tears': return `the ${reason.by} would tear: ${mm(reason.insulationMm)} in a window that ends at ${mm(reason.maxMm)}`
    case 'bore':
      return reason.what === 'seal' ? `the seal is made for a bore of ${mm(reason.diameterMm)}, this cavity has ${mm(reason.boreMm)}` : `the ${reason.what === 'contact' ? 'crimped contact' : 'insulation'} would not enter: ${mm(reason.diameterMm)} in a bore of ${mm(reason.boreMm)}`
    case 'current': return `carries ${amps(reason.allowedA)} at ${reason.ambientC} °C, the load is ${amps(reason.currentA)}`
    case 'plating': return `${reason.plating} against ${reason.matePlating}: the pair corrodes`
    case 'rule': return ruleWords(reason)
    case 'no-tool': return `no tool in the crib has a setting for it at ${mm2(reason.areaMm2)}`
    case 'no-seal-in-family': return 'no wire seal of this family on the shelf'
  }
}

function ruleWords({ rule, tool }: Extract<FitReason, { code: 'rule' }>): string {
  switch (rule) {
    case 'uncalibrated-tool': return `only ${tool} could crimp it, and these house rules want a calibrated frame`
    case 'estimate': return `the setting of ${tool} is estimated, and these house rules want a sheet's`
    case 'tool-overdue': return `${tool} is past its verification`
  }
}

/** What is good to know of a setup that is no reason to refuse it. */
export function noteWords(note: FitNote): string {
  switch (note.code) {
    case 'uncalibrated-tool': return `${note.tool} is not calibrated: it is recorded`
    case 'tool-overdue': return `${note.tool} was due on ${day(note.dueOn)}`
    case 'setting-estimated': return 'the setting is estimated, not from a sheet'
    case 'no-notch': return `no stripper notch clears a bundle of ${mm(note.bundleMm)}`
  }
}

/** How near it was, for a column of figures. */
export function missWords(reason: FitReason): string {
  switch (reason.code) {
    case 'conductor-small': return mm2(reason.minMm2 - reason.areaMm2)
    case 'conductor-large': return mm2(reason.areaMm2 - reason.maxMm2)
    case 'seal-leaks': return mm(reason.minMm - reason.insulationMm)
    case 'seal-tears': return mm(reason.insulationMm - reason.maxMm)
    case 'insulation-support': return mm(Math.max(reason.minMm - reason.insulationMm, reason.insulationMm - reason.maxMm))
    case 'bore': return mm(Math.abs(reason.diameterMm - reason.boreMm))
    case 'current': return amps(reason.currentA - reason.allowedA)
    default: return '–'
  }
}
