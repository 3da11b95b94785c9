import type { SeatCauseId, SeatFaultId } from '@/core/craft/faults/seatFaults'
import type { OrderReason } from '@/core/work/seat/seatOrder'
import type { SuspectReason } from '@/core/work/seat/suspects'

/** Why a contact may be the one that keeps a lock from closing. */
export const suspectWords: Readonly<Record<SuspectReason, string>> = {
  'not-home': 'not recorded as home',
  'not-tugged': 'was not tugged',
  'out-before': 'has been out before',
  'tight-in-bore': 'tight in its bore',
  'last-in': 'went in last',
}

/** What the hand notices as a contact goes in. */
export const seatFaultWords: Readonly<Record<SeatFaultId, string>> = {
  'will-not-go-in': 'It will not go in',
  'no-click': 'No click',
  'out-by-tug': 'It comes out by the tug',
  'stands-low': 'It stands low',
  'stands-proud': 'It stands proud, or went right through',
  'strand-outside': 'A strand is outside',
  'will-not-tighten': 'It does not get tight',
  'came-loose': 'It is loose',
}

/** Why, as the eye finds it, and what to do now. */
export const seatCauseWords: Readonly<Record<SeatCauseId, { readonly see: string; readonly act: string }>> = {
  banana: { see: 'Bowed along its length', act: 'Hold it against an edge: a bent one never slides in' },
  'lance-flat': { see: 'Its lance or barbs lie flat', act: 'Spring them out again with a fine blade, then seat it' },
  'wrong-contact': {
    see: 'Another contact than this cavity takes',
    act: 'Compare it with the set: size, bands, wing width',
  },
  'wrong-way-up': { see: 'The wrong side is up', act: 'Turn it, then straight in' },
  'off-its-hole': {
    see: 'It meets the mat beside its hole',
    act: 'Back off, look along the wire, aim at the hole’s middle',
  },
  'hole-plugged': { see: 'There is a plug in the hole', act: 'Take the plug out, see that the hole is whole' },
  'too-thick': {
    see: 'Insulation or wings are too thick for the bore',
    act: 'Another wire or another housing: never force it',
  },
  'lock-part-way': { see: 'The lock stands part-way', act: 'Open it fully, then seat the contact' },
  'used-up': { see: 'It was used as often as it may be', act: 'Cut it off: a worn contact or seal holds by luck' },
  'not-far-enough': { see: 'It was not pushed far enough', act: 'Push straight until the click, then tug again' },
  'clip-broken': {
    see: 'Finger or clip of the cavity is broken',
    act: 'The cavity cannot hold: another housing, or another cavity',
  },
  'pushed-back': {
    see: 'A cover or the other half pushed it back',
    act: 'Take it out, look at lance and crimp, seat it again',
  },
  'past-its-lock': {
    see: 'It has gone past its lock',
    act: 'Take it out to the rear; see that the stop in the cavity is whole',
  },
  'tool-tilted': { see: 'The tool stood askew', act: 'Tool back, wire straight along it, press square again' },
  'wrong-tip': {
    see: 'Its tip is of another size, or the wrong end',
    act: 'The end with the ledge, of the wire’s size; then press again',
  },
  'not-behind-shoulder': {
    see: 'The tip does not bear on the contact’s shoulder',
    act: 'Tool back, tip behind the shoulder, press until the click',
  },
  'screw-not-open': { see: 'The clamp is not open', act: 'Screw back to its stop, then in again' },
  'beside-clamp': {
    see: 'It went beside or behind the clamp',
    act: 'Screw back, draw it out, look into the mouth, in again under the plate',
  },
  'not-tight': { see: 'It was not tightened to its torque', act: 'Set the driver, tighten until it slips, tug again' },
  tinned: {
    see: 'Its end is tinned',
    act: 'Cut it off: solder creeps under a screw. A ferrule, crimped on bare strands',
  },
  'strand-missed': {
    see: 'A strand missed the barrel when it was crimped',
    act: 'Cut it off, strip and crimp again: a strand cut away is metal that is not there',
  },
  'insulation-clamped': {
    see: 'The clamp sits on insulation',
    act: 'Draw it back until metal alone is under the screw; too short a strip is stripped again',
  },
  'thread-stripped': {
    see: 'The thread turns on and on',
    act: 'That place cannot hold: another one, or another block',
  },
  'tongue-off-washer': {
    see: 'The tongue is not under the washer all round',
    act: 'Nut back, lay it flat round the stud, washer over all of it',
  },
  'seal-rucked': { see: 'Its seal is rucked up', act: 'Take it out, lay the seal, look for a cut' },
}

/** What becomes of the contact. */
export const seatOutcomeWords = {
  again: 'Nothing is lost: seat it again',
  'take-out': 'It comes out first',
  'cut-off': 'The contact is cut off, strip and crimp begin again',
  straightened: 'Straighten it once, look for a crack in the plating, seat it again',
} as const

/** Why a cavity has its turn. */
export function orderWords(reason: OrderReason): string {
  switch (reason.kind) {
    case 'by-hand':
      return 'put in order by hand'
    case 'with-group':
      return `together with ${reason.group}`
    case 'far-row':
      return reason.rows === 1
        ? 'along the row, from the mark'
        : reason.row === 0
          ? 'far row first, so that the near ones do not bar it'
          : 'the rows beyond it are due first'
    case 'centre-out':
      return reason.ring === 0 ? 'centre first, so that the rim does not bar it' : 'the rings inside it are due first'
  }
}
