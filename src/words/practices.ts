import type { RootCure } from '@/core/work/crimp/rootCure'
import { mm } from './figures'
import type { SetupPart } from '@/core/craft/crimp/setupPart'
import type { ReleaseEnded } from '@/core/record/state/records'
import type { BreakKind } from '@/core/craft/specimen/specimenTypes'
import type { PracticeId } from '@/core/parts/catalogue/practiceIds'

/** What some benches do and others forbid: its name, and what the hand does. */
export const practiceWords: Readonly<Record<PracticeId, { readonly name: string; readonly act: string }>> = {
  'side-cutters': {
    name: 'Stripped with side cutters',
    act: 'Roll the wire in the sharp edges, pull; then look at every strand',
  },
  'fold-back': { name: 'Folded back', act: 'Fold the bare end back on itself, flat, no strand standing off' },
  lubricant: { name: 'Approved lubricant on the seal', act: 'A thin film of the approved one, nothing else' },
  'easing-wings': { name: 'Wings eased together', act: 'Ease the sprung wings until the nest takes them, once only' },
  'second-stroke': { name: 'Second stroke in the next nest', act: 'The same crimp again, in the next smaller nest' },
  'finishing-squeeze': { name: 'Finishing squeeze', act: 'Squeeze the standing wing shut, lightly' },
  straightening: { name: 'Straightened', act: 'Straighten it in one go, then look for a crack in the plating' },
  'brush-trimming': {
    name: 'Brush trimmed',
    act: 'Trim the strands level with what the sheet allows, away from the contact',
  },
  solder: { name: 'Soldered', act: 'Least solder, from the front; a strain relief is a must behind it' },
}

/** Why a release ended. */
export const endingWords: Readonly<Record<ReleaseEnded, string>> = {
  die: 'die changed or set again',
  spool: 'another spool or reel',
  shift: 'another day or another person',
  knocked: 'frame dropped or knocked',
  adjuster: 'adjuster turned',
  other: 'something else changed',
  'pull-low': 'a sample pulled off low',
  'piece-failed': 'a piece was not good',
  'strip-stop': 'strip stop set again',
  'wire-stop': 'wire stop set again',
  notch: 'notch changed',
  positioner: 'positioner set again',
  selector: 'selector set again',
  nest: 'nest changed',
  locator: 'locator set again',
  frame: 'frame cleaned and gauged',
}

/** What is offered when a part of the setup is to be set again. */
export const setupPartWords: Readonly<Record<SetupPart, (to: string | undefined) => string>> = {
  'strip-stop': (to) => `Stripper’s stop to ${to ?? 'the middle of the window'}`,
  'wire-stop': (to) => `Wire stop to ${to ?? 'its figure'}`,
  notch: (to) => `Stripper notch ${to ?? 'one larger'}`,
  positioner: (to) => `Latch ${to ?? 'the positioner'} again`,
  selector: (to) => `Selector back to ${to ?? 'the placard’s row'}`,
  die: (to) => `Set ${to ?? 'the die'} in again`,
  nest: (to) => `Nest ${to ?? 'by the sheet'}`,
  locator: () => 'Set the locator again',
  frame: () => 'Clean and gauge the frame',
}

/** The button that takes a cause away. */
export const rootCureWords = ({ named, entry }: RootCure): string =>
  setupPartWords[entry.part](named ?? (entry.toMm === undefined ? undefined : mm(entry.toMm, 1)))

export const breakWords: Readonly<Record<BreakKind, string>> = {
  'pulled-out': 'pulled out of the crimp',
  'broke-at-crimp': 'broke at the crimp',
  'broke-in-wire': 'broke in the wire',
}
