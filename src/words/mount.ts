import type { MountStepCode } from '@/core/craft/setup/mountSteps'

/** What the hand does or sees when a tool is set up: a line of the card, why in a few words, and what the button says. */
export const mountStepWords: Readonly<
  Record<MountStepCode, { readonly line: string; readonly hint: string; readonly seen: string }>
> = {
  'opens-fully': {
    line: 'Cycle it empty: closes and opens fully',
    hint: 'the ratchet lets go at the end of the stroke',
    seen: 'It opens fully',
  },
  'positioner-latched': {
    line: 'Positioner latched, does not turn',
    hint: 'pull at it: it must not come',
    seen: 'It is latched',
  },
  'door-shut': {
    line: 'Turret door shut',
    hint: 'an open door lets the contact sit too deep',
    seen: 'The door is shut',
  },
  'selector-seated': {
    line: 'Selector dropped into its notch',
    hint: 'lift, turn, let it drop; look again',
    seen: 'It is seated',
  },
  'depth-by-gauge': {
    line: 'Set the depth screw with the gauge, lock it',
    hint: 'go enters, no-go does not',
    seen: 'The screw is locked',
  },
  'hold-by-hand': {
    line: 'Contact held by hand, hole clear of the indenters',
    hint: 'nothing stops it: its end flush with the mark',
    seen: 'It is held right',
  },
  'die-upper-lower': {
    line: 'Both halves of the die in, numbers facing out',
    hint: 'seated to their stops, screws tight',
    seen: 'Both halves are in',
  },
  'locator-square': {
    line: 'Locator up, the contact square in it',
    hint: 'it touches its stop, wings up',
    seen: 'It sits square',
  },
  'forms-clean': {
    line: 'Forms clean and whole',
    hint: 'a crumb of plating marks every crimp',
    seen: 'They are clean',
  },
  'snug-nest': {
    line: 'Try the nest: nearly shut it holds the contact loosely',
    hint: 'the smallest that does; tighter overcrimps: name the other below the table',
    seen: 'This nest is right',
  },
  'wide-side': {
    line: 'Wide side of the nest to the insulation wings',
    hint: 'turned round it crushes the conductor',
    seen: 'Wide side is right',
  },
  'front-flush': {
    line: 'Front edge of the wings flush with the nest',
    hint: 'what stands out stays open',
    seen: 'It is flush',
  },
  'lance-clear': {
    line: 'Lance clear of the jaws',
    hint: 'pressed down it holds in no cavity',
    seen: 'The lance is clear',
  },
  'two-strokes': {
    line: 'Two strokes: conductor first, then insulation',
    hint: 'each in its own notch',
    seen: 'I have both notches',
  },
  'no-ratchet': {
    line: 'No ratchet: squeeze until it stops, then look',
    hint: 'nothing shows that the stroke was whole',
    seen: 'Understood',
  },
  'tip-in-die': {
    line: 'Whole barrel in the die, collar outside',
    hint: 'a short bite lets the tip open',
    seen: 'It lies right',
  },
  'seam-away': { line: 'Seam away from the indenter', hint: 'this sheet wants it so', seen: 'Seam is away' },
  'seam-on': { line: 'Seam toward the indenter', hint: 'this sheet wants it so', seen: 'Seam is toward it' },
  'colour-nest': {
    line: 'Nest of this sleeve’s size',
    hint: 'the mark of the nest is that of the sheet',
    seen: 'Nest is right',
  },
  'shrink-after': {
    line: 'Heat at hand: it shrinks after the crimp',
    hint: 'recovered all round, a little glue at both ends',
    seen: 'Heat is at hand',
  },
}
