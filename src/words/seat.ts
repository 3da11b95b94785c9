import type { SeatCauseId, SeatFaultId } from '@/core/craft/faults/seatFaults'
import type { CoverId, LockId, SecondaryLock } from '@/core/parts/catalogue/secondaryLocks'
import type { OrderReason } from '@/core/work/seat/seatOrder'
import type { SuspectReason } from '@/core/work/seat/suspects'

export const lockWords: Readonly<
  Record<LockId, { readonly name: string; /** which way round it goes on */ readonly way: string }>
> = {
  none: { name: 'no lock', way: '' },
  wedge: { name: 'wedge', way: 'one way: its thin end leads' },
  'tail-cover': { name: 'tail cover', way: 'either way round' },
  comb: { name: 'comb', way: 'one way: teeth toward the contacts' },
  cap: { name: 'cap', way: 'one way: its hinge stays on' },
  gate: { name: 'front cover and rear gate', way: 'one way each: the chamfers meet' },
}

/** Each cover: how it is closed, how it is opened, and how one sees that it is home. */
export const coverWords: Readonly<
  Record<CoverId, { readonly name: string; readonly close: string; readonly open: string }>
> = {
  wedge: {
    name: 'wedge',
    close: 'Slide the wedge in from the side, past its stop, until it is flush',
    open: 'Draw the wedge out at the side, with the hook in its eye',
  },
  'tail-cover': {
    name: 'tail cover',
    close: 'Slide the tail cover home until both ears click',
    open: 'Spread both ears, slide the tail cover back over the wires',
  },
  comb: {
    name: 'comb',
    close: 'Press the comb down, level, past its stop',
    open: 'Lift the comb at its slot, up to its stop',
  },
  cap: { name: 'cap', close: 'Fold the cap shut, both sides click', open: 'Free the cap under its edge, fold it back' },
  'front-cover': {
    name: 'front cover',
    close: 'Push the front cover on, square',
    open: 'Front cover off, at its slots',
  },
  'rear-gate': {
    name: 'rear gate',
    close: 'Close the rear gate until it clicks',
    open: 'Rear gate open, at its slots',
  },
}

/** When a lock moves, where one gets at it, and with what. */
export const lockMoveWords: Readonly<Record<SecondaryLock['moves'], string>> = {
  after: 'it moves after the last contact',
  'before-and-after': 'up before the first contact, down after the last',
  'off-and-on': 'off while contacts go in or out, then on again',
}
export const lockAccessWords: Readonly<Record<SecondaryLock['access'], string>> = {
  'side-slot': 'in the slot at the side',
  'face-slot': 'in the slots of the face',
  'under-edge': 'under its edge',
  rear: 'from the rear',
  front: 'from the front',
  none: '',
}
export const lockToolWords: Readonly<Record<SecondaryLock['tool'], string>> = {
  fingers: 'by hand',
  hook: 'with the hook',
  'flat-blade': 'with a fine flat blade',
}

/** What takes hold of a lock whose tab is missing. */
export const lockFallbackWords = {
  'blade-in-slot': 'tab missing: a thin flat blade in its slot, toward its open side',
  'pick-under-edge': 'tab missing: a pick under its edge, both ends a little at a time',
} as const

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
