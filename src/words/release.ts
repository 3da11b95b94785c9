import type { HelpId } from '@/core/craft/release/helps'
import type { ReuseLimit } from '@/core/record/standing/reuse'
import type {
  ImprovisedTool,
  InsertStep,
  ReleaseHarm,
  ReleaseId,
  ReleaseStep,
  ReleaseTip,
  StuckCheck,
} from '@/core/parts/catalogue/releaseMechanisms'

/** How a contact is held, in a few words. */
export const heldWords: Readonly<Record<ReleaseId, string>> = {
  finger: 'Held by a finger of the housing, freed from the front',
  barbs: 'Held by its own barbs, freed from the front',
  'window-lance': 'Held by its lance, freed through a window',
  'rear-sleeve': 'Held by a clip, freed from the rear',
  'side-tang': 'Held by a tang at the side of an open channel',
  neck: 'Held by the neck, under the rear gate',
  comb: 'Held by the comb alone',
  clamp: 'Held by the screw of a clamp',
  stud: 'Held by a nut on a stud',
  none: 'Held by a crimp or joint of its own',
}

export const releaseStepWords: Readonly<Record<ReleaseStep, string>> = {
  'open-lock': 'Open the lock',
  'free-comb': 'Wire comb off, or backed up',
  'push-wire-in': 'Push the wire in, to unload the lock',
  'move-finger': 'From the mating face: push the finger aside with a thin blade',
  'pull-wire': 'Draw the wire out at the rear',
  'tube-over-barbs': 'From the mating face: tube over the contact until both barbs are in',
  'spread-barbs': 'Spread the barbs again before it goes back',
  'press-lance': 'Press the lance through its window with a blunt blade',
  'raise-lance': 'Spring the lance up again',
  'sleeve-on-wire': 'Slit sleeve of the wire’s size, along the wire until it stops',
  'pull-wire-and-sleeve': 'Pull wire and sleeve together, straight',
  'pick-at-wall': 'Pick between tang and wall, push through',
  'spring-tang': 'Spring the tang out again',
  'lift-mat': 'Lift the mat',
  'ease-back': 'Ease the wire back',
  'look-at-finger': 'See that the finger is whole and springs back',
  'look-at-clip': 'See that the clip still holds: the neighbours do not move',
  'look-at-mat': 'See that the mat is whole, lay it back',
  'loosen-screw': 'Turn the screw back until the clamp stands open',
  'draw-out': 'Draw the terminal out, straight',
  'nut-off': 'Hold the stud or the lower nut, turn the upper nut off, washer after it',
  'lift-off': 'Lift the terminal off the stud',
  'look-at-terminal': 'See that the terminal is neither crushed nor bent, and has all its strands',
}

/** What makes a step go wrong, said while it is done. */
export const releaseStepHints: Readonly<Partial<Record<ReleaseStep, string>>> = {
  'pull-wire': 'pull the wire, not the tool',
  'pull-wire-and-sleeve': 'the sleeve without the wire frees nothing; a twist or a tilt breaks tool or clip',
  'move-finger': 'as far as it must, no further',
  'press-lance': 'blunt: a sharp one cuts the window',
  'sleeve-on-wire': 'lay the wire in the slit from the side; entering at the tip breaks it',
  'ease-back': 'when it does not come, it is not free: begin again',
  'loosen-screw': 'a driver that fills the slot; no further than its stop, or the screw falls out',
  'nut-off': 'a stud that turns with its nut breaks what lies behind it',
}

export const releaseTipWords: Readonly<Record<ReleaseTip, string>> = {
  'thin-blade': 'thin blade',
  tube: 'release tube',
  'blunt-blade': 'fine blunt blade',
  'slit-sleeve': 'slit sleeve',
  pick: 'pick',
  driver: 'screwdriver',
  spanner: 'spanner',
  none: 'no tool',
}

/** What helps a contact in or out. */
export const helpWords: Readonly<Record<HelpId, string>> = {
  'rod-through-front': 'a rod of its bore through the front',
  'cut-tip': 'a tip that was cut to fit',
  lubricant: 'the approved lubricant',
}

/** It does not come out: what is looked at, and what the button says when that is right. */
export const stuckWords: Readonly<
  Record<StuckCheck, { readonly line: string; readonly hint: string; readonly seen: string }>
> = {
  'lock-shut': { line: 'The lock is open, all the way', hint: 'part-way still holds it', seen: 'It is open' },
  'wire-not-pushed-in': {
    line: 'Wire pushed in first, and held in',
    hint: 'a pulled wire jams what holds it',
    seen: 'It is pushed in',
  },
  'tool-not-home': {
    line: 'The tool is in to its stop',
    hint: 'it gives a little when it is home',
    seen: 'It is home',
  },
  'tool-tilted': { line: 'The tool stands square', hint: 'tilted, one tine or barb still holds', seen: 'It is square' },
  'wrong-size': {
    line: 'Its size is the one for this contact and wire',
    hint: 'too large splays the clip, too small slips past it',
    seen: 'It is the size',
  },
  'wrong-end': {
    line: 'It is the plain end, without the ledge',
    hint: 'the end with the ledge only puts in',
    seen: 'It is the plain end',
  },
  'blade-wrong-side': {
    line: 'The blade is between contact and what holds it',
    hint: 'look along it from the mating face',
    seen: 'It is between',
  },
  'lance-not-down': {
    line: 'The lance is all the way down',
    hint: 'it clicks, or is seen level through the window',
    seen: 'It is down',
  },
  'comb-still-on': { line: 'The wire comb is off, or backed up', hint: 'its teeth bar the way', seen: 'It is off' },
  'mat-not-lifted': { line: 'The mat is lifted off the body', hint: 'it grips each wire', seen: 'It is lifted' },
  'seal-grips': {
    line: 'The seal is free: eased round once',
    hint: 'a seal that sat for years sticks; no blade near it',
    seen: 'It is free',
  },
  'screw-not-open': {
    line: 'The screw is back to its stop',
    hint: 'look in: the clamp stands wide open',
    seen: 'It is open',
  },
  'ferrule-set': {
    line: 'It moves a little from side to side',
    hint: 'a ferrule takes the clamp’s shape: rock it, do not pull harder',
    seen: 'It moves',
  },
  'washer-grips': {
    line: 'Nut and washer are both off',
    hint: 'paint or a spring washer can hold the tongue',
    seen: 'They are off',
  },
}

/** What can break, and how to see that it did. */
export const harmWords: Readonly<Record<ReleaseHarm, { readonly what: string; readonly look: string }>> = {
  'finger-broken': {
    what: 'the finger snaps',
    look: 'white at its root, or it does not spring back: the housing is scrap',
  },
  'barb-flattened': {
    what: 'a barb stays pressed in',
    look: 'hold the contact against the light: both stand out alike',
  },
  'lance-flattened': { what: 'the lance stays down', look: 'it must stand over the top of the box, and spring' },
  'window-torn': { what: 'the window’s edge is cut', look: 'look through it from the side: a clean edge, no curl' },
  'clip-broken': {
    what: 'a tine of the clip breaks',
    look: 'the next contact does not click, or comes out by the tug',
  },
  'tip-broken': {
    what: 'the sleeve’s tip breaks off inside',
    look: 'the tip must be whole when it comes out: look at it every time',
  },
  'seal-cut': { what: 'the seal is cut', look: 'pull it apart a little: no nick in its ribs' },
  'tang-bent': { what: 'the tang is bent past its spring', look: 'it must stand out by itself' },
  'neck-finger-broken': {
    what: 'a finger at the neck breaks',
    look: 'from the rear, with the mat lifted: both are there',
  },
  'mat-torn': { what: 'the mat tears at a hole', look: 'against the light: round holes, no slit' },
  'screw-head-spoiled': { what: 'the screw’s slot is spoiled', look: 'its edges are sharp: the driver did not slip' },
  'strand-left': { what: 'a strand stays behind', look: 'look into the clamp: it would bridge to the next one' },
  'stud-turned': { what: 'the stud turns in its plate', look: 'it stands as it stood, square to the plate' },
  'comb-tooth-broken': { what: 'a tooth of the comb breaks', look: 'count its teeth before it goes down' },
}

export const improvisedWords: Readonly<Record<ImprovisedTool, string>> = {
  'bent-pick': 'a pick with its tip turned over',
  'fine-tube': 'a fine tube of the right bore',
  'probe-through-socket': 'a probe of the right diameter through the socket',
  'modified-tip': 'a tip filed to fit',
  'drilled-cap': 'an access made in the cap to reach its catch',
}

/** Going in: what the hand does, what is ticked, and what makes it go wrong. */
export const insertStepWords: Readonly<
  Record<InsertStep, { readonly act: string; readonly seen: string; readonly hint?: string }>
> = {
  'right-way-up': { act: 'Contact straight, right way up', seen: 'It is the right way up' },
  'wire-in-slot': {
    act: 'Wire into the tool’s slot from the side, along its whole length',
    seen: 'It lies in the slot',
    hint: 'the insertion tip, bearing on the contact’s shoulder; entering at the tip breaks it',
  },
  'straight-in': { act: 'Straight in from the wire face, by hand', seen: 'It goes in straight' },
  'press-square': { act: 'Press, square to the face', seen: 'It went in square' },
  'through-mat': {
    act: 'Straight through the mat, by hand',
    seen: 'It is through the mat',
    hint: 'a mat does not like more than a few passes',
  },
  'to-the-stop': {
    act: 'In to the stop',
    seen: 'It stands at the stop',
    hint: 'no click, no tug: the comb holds it, later',
  },
  click: { act: 'Until the click', seen: 'It clicked' },
  'tool-out': { act: 'Tool straight back, the contact stays', seen: 'The tool is out, its tip whole' },
  'screw-open': {
    act: 'Screw back, clamp wide open',
    seen: 'It is open',
    hint: 'a terminal pushed in under a half-open clamp goes beside it',
  },
  'no-solder': {
    act: 'A crimped terminal: nothing tinned',
    seen: 'No solder on it',
    hint: 'solder creeps under pressure: a tinned end is loose in weeks, then hot',
  },
  'into-clamp': { act: 'In to the stop, straight, under the plate', seen: 'It is in to the stop' },
  'none-outside': { act: 'No strand outside, no insulation inside', seen: 'None is outside' },
  'faces-clean': {
    act: 'Nut and washer off, faces bare and clean',
    seen: 'They are clean',
    hint: 'paint or oxide between them heats',
  },
  'round-stud': {
    act: 'Terminal flat on its face, barrel away from it',
    seen: 'It lies flat',
    hint: 'the wire leads off as it will lie: turned by the nut it breaks at the barrel',
  },
  'washer-and-nut': { act: 'Washer, then nut, by hand', seen: 'They are on' },
  tighten: { act: 'Tighten it', seen: 'It is tight' },
}

/** Who says how often a contact may be used again. */
export const reuseLimitWords: Readonly<Record<ReuseLimit, string>> = {
  'contact-sheet': 'its sheet grants',
  'contact-rules': 'the house rules grant',
  'seal-rules': 'the house rules grant its seal',
}

/** What of a contact is up as it goes in, where the way round matters. */
export const upWords: Readonly<Partial<Record<ReleaseId, string>>> = {
  barbs: 'barbs above and below',
  'window-lance': 'lance up',
  'side-tang': 'tang up',
  neck: 'flat side up',
  comb: 'open side up',
}
