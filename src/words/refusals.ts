import { isHelp } from '@/core/craft/release/helps'
import { helpWords } from './release'
import type { Refusal } from '@/core/record/journal/entryKind'
import { isPractice } from '@/core/craft/crimp/practices'
import { lookWords, stripLimitWords, threadWords } from './crimp'
import { practiceWords } from './practices'
import { termLabel } from '@/core/record/plan/keys'
import { entryWords } from './entries'
import { day, figure, heightWindow, list, mm, mmRange, newtons, newtonsApart, plural, stripWindow } from './figures'
import { implausibleWords } from './implausible'
import { layoutFaultWords } from './layout'
import { pairFaultWords } from './mated'
import { planFaultWords } from './plan'
import { reuseLimitWords } from './release'

const done = {
  cut: 'cut to length',
  stripped: 'stripped',
  crimped: 'crimped',
  seated: 'seated',
  plugged: 'plugged',
  fitted: 'fitted',
  closed: 'closed',
  released: 'released',
  'part-way': 'part-way',
  mated: 'checked against its other half',
  open: 'open',
  signed: 'signed',
  ended: 'at an end',
  'taken-back': 'taken back',
} as const

function notYet({ what, left }: Extract<Refusal, { kind: 'not-yet' }>): string {
  switch (what) {
    case 'cut':
      return 'Cut the wire to length first.'
    case 'stripped':
      return 'Strip it first.'
    case 'crimped':
      return 'Crimp it first.'
    case 'seated':
      return left === undefined ? 'It is in no cavity.' : `${plural(left, 'contact')} not home yet.`
    case 'probed':
      return 'Probe it first.'
    case 'mated':
      return 'Put the two halves together at Seat first.'
    case 'leads':
      return 'Measure the leads first: touch them together and enter what the meter shows.'
    case 'closed':
      return 'Close the lock first.'
    case 'mounted':
      return 'Mount the setup first.'
    case 'released':
      return 'The setup is not released: inspect and pull a first piece.'
    case 'first-piece':
      return `${plural(left ?? 1, 'good first piece')} still to pull before the setup is released.`
    case 'signed':
      return 'The builder has not signed yet.'
    case 'complete':
      return `${plural(left ?? 1, 'task')} left before it is signed.`
    case 'tray':
      return 'Count the tray first: tools back, scrap found.'
    case 'plugged':
      return left === undefined ? 'There is no plug in it.' : `Plug the unused cavities first: ${left} left.`
    case 'out':
      return 'Contacts still stand in the old housing: take them out first.'
    case 'lacing-open':
      return 'Open the lacing along it first.'
    case 'suspect':
      return 'It is not in question.'
    case 'fitted':
      return 'Fit the interface seal first.'
  }
}

type RefusalOf<Kind extends Refusal['kind']> = Extract<Refusal, { readonly kind: Kind }>

/** The sentence for each refusal: what is in the way, and what would be right. */
const sentences: { readonly [Kind in Refusal['kind']]: (refusal: RefusalOf<Kind>) => string } = {
  'job-closed': () => 'The job is signed. Reopen it with a reason to go on.',
  unknown: (refusal) => `There is no ${refusal.what} ${refusal.id} in this job.`,
  'id-twice': (refusal) => `The entry ${refusal.id} is there already: an id stands in a journal once.`,
  'no-set': (refusal) => `Kit has chosen no contact for ${refusal.term} yet.`,
  already: (refusal) => `That is ${done[refusal.what]} already.`,
  'not-yet': notYet,
  'strip-outside': ({ verdict, minMm, maxMm }) =>
    `${verdict.kind === 'short' ? 'Too short' : 'Too long'} by ${mm(verdict.byMm, 1)} to the middle: ${stripLimitWords[verdict.limit]}. The window is ${stripWindow({ minMm, maxMm })}.`,
  'strands-lost': (refusal) =>
    `${plural(refusal.lost, 'strand')} lost, ${refusal.allowed === 0 ? 'none is' : `${refusal.allowed} are`} allowed by the house rules: cut back and strip again.`,
  'not-threaded': (refusal) =>
    `First: ${refusal.items.map((item) => (item in threadWords ? threadWords[item as keyof typeof threadWords] : item).toLowerCase()).join(', ')}.`,
  'ahead-of-release': (refusal) =>
    `${plural(refusal.ahead, 'piece')} of this setup ${refusal.ahead === 1 ? 'is' : 'are'} stripped and its first piece is not released. Release the setup at Crimp, then strip the rest.`,
  'wrong-setup': () => 'This termination needs another setup.',
  'setup-not-in-hand': () => 'Its setup is not on the bench: mount it first.',
  'tool-overdue': ({ tool, dueOn, strokes }) =>
    `${tool} was due for verification ${strokes ? `after ${plural(strokes.every, 'contact')} and has closed ${String(strokes.made)}` : `on ${day(dueOn)}`}. Verify it first, or choose another frame in Kit.`,
  'looks-missing': (refusal) =>
    `Not looked at yet: ${list(refusal.missing.map((look) => lookWords[look].line.toLowerCase()))}.`,
  'look-failed': (refusal) => `“${lookWords[refusal.look].line}” was not seen: report the fault instead.`,
  'height-missing': () => 'Measure the crimp height: the first piece needs it.',
  'height-outside': (refusal) => `Height ${mm(refusal.heightMm, 3)} is outside ${heightWindow(refusal)}.`,
  'practice-forbidden': (refusal) =>
    `These house rules forbid it: ${isPractice(refusal.practice) ? practiceWords[refusal.practice].name.toLowerCase() : refusal.practice}.`,
  implausible: implausibleWords,
  'pull-due': (refusal) => `One piece in ${refusal.every} is pulled to destruction here: pull one, then go on.`,
  'not-covered': (refusal) =>
    `The setup is released for other crimps, not for ${termLabel(refusal.term)}: this contact on this conductor and insulation needs a first piece of its own.`,
  'pull-missing': () =>
    'Pull the test piece: by a tester, with its figure, or by hand where the house rules take that.',
  'pull-by-hand': () =>
    'These house rules release by a figure: pull the piece on a tester and enter what it held. A hand pull has none.',
  'new-day': (refusal) =>
    `The setup was released on ${day(refusal.released)}. These house rules begin each day with a first piece: press N.`,
  'tool-unverified': (refusal) => `${refusal.tool} is not verified since its adjuster was turned: gauge it first.`,
  'gauge-due': (refusal) =>
    `These house rules gauge ${refusal.tool} before its first crimp of a day: try ${refusal.gauge} on it first.`,
  'singly-due': (refusal) =>
    `This is crimp ${refusal.nth} of its setting: these house rules want its looks ticked one by one.`,
  'figure-missing': () => 'Say the figure in mm to which it was set.',
  'outside-window': (refusal) =>
    `${mm(refusal.toMm, 1)} cannot be meant: it should be ${mmRange(refusal.minMm, refusal.maxMm, 1)}.`,
  'decision-not-for-defect': () => 'That fault was found after the stroke: the contact goes.',
  'wrong-cavity': (refusal) =>
    refusal.planned === refusal.given
      ? `${refusal.given} is its own cavity.`
      : `It belongs in ${refusal.planned}, not in ${refusal.given}.`,
  'stands-elsewhere': (refusal) => `It stands in ${refusal.stands}, not in ${refusal.given}.`,
  'cavity-taken': (refusal) => `${refusal.cavity} holds ${refusal.by} already.`,
  'lock-closed': (refusal) => `The lock of ${refusal.end} is closed: open it first.`,
  'no-part-way': (refusal) => `The lock of ${refusal.end} has no part-way stop: it is open or closed.`,
  'cover-due': (refusal) => `The new cover of ${refusal.end} goes over the wires first: no contact goes in before it.`,
  'not-looked-over': (refusal) => `Look ${refusal.end} over from both sides first.`,
  'pair-fault': (refusal) => `These two do not go together: ${pairFaultWords(refusal.fault)}`,
  'lock-open': (refusal) => `The lock of ${refusal.end} is open.`,
  'not-home': (refusal) => `Not home yet: ${list(refusal.contacts, 4)}. The lock closes when all contacts are in.`,
  'tug-missing': (refusal) => `Tug it lightly, about ${newtons(refusal.tugN)}, and say that it held.`,
  'not-tightened': ({ what }) => `Tighten the ${what}, and say with what.`,
  'torque-missing': ({ askedNm }) =>
    `Its sheet asks ${figure(askedNm, 2)} N·m: set a driver to it, these house rules want no guess by hand.`,
  'torque-not-asked': ({ saidNm, askedNm }) =>
    `The entry says that ${figure(saidNm, 2)} N·m was asked, and the sheet asks ${askedNm === undefined ? 'none here: leave it out' : `${figure(askedNm, 2)} N·m`}.`,
  'torque-off': ({ askedNm, setNm }) =>
    `The driver was set to ${figure(setNm, 2)} N·m, and ${figure(askedNm, 2)} is asked: more than 6 % apart.`,
  'pull-too-light': ({ forceN, askedN }) =>
    `It was pulled with ${newtonsApart(forceN, askedN)[0]}, and ${newtonsApart(forceN, askedN)[1]} is asked.`,
  'beyond-segment': ({ segment, atMm, lengthMm }) =>
    `${segment} is ${mm(lengthMm, 0)} long: nothing is at ${mm(atMm, 0)}.`,
  'block-off': ({ set, block }) =>
    `Set to ${figure(set, 2)}, and ${figure(block, 2)} was shown: more than 6 % apart. Set it again, and hold it to the block.`,
  'layout-fault': ({ fault }) => layoutFaultWords(fault),
  'one-net': ({ red, black }) => `${red} and ${black} belong to one net: they must ring.`,
  'tug-too-hard': (refusal) => {
    const [tug, light] = newtonsApart(refusal.tugN, refusal.lightN)
    return `${tug} is too hard a tug: ${light} is enough, more could break the cavity's lock.`
  },
  'contact-spent': (refusal) =>
    `This contact has come out ${plural(refusal.used, 'time')}; ${reuseLimitWords[refusal.by]} ${refusal.allowed === 0 ? 'no second use' : plural(refusal.allowed, 'reuse')}. Cut it off and make a new one.`,
  'improvised-forbidden': ({ how }) =>
    isHelp(how)
      ? `These house rules do not allow ${helpWords[how]} at a cavity: go on without it.`
      : 'These house rules forbid improvised release tools: borrow or buy the right one.',
  'cavity-in-use': (refusal) => `${refusal.cavity} is for a wire: no plug there.`,
  'stands-on-it': (refusal) =>
    `Later work stands on it: ${list(
      refusal.later.map((line) => `${entryWords[line.kind]} ${line.about}`.trim()),
      3,
    )}. Take that back first.`,
  'not-this-one': () => 'That entry stays: it cannot be taken back.',
  'stale-signature': () => 'Something was written since you opened this page. Look again, then sign.',
  'same-person': () => 'The second signature must be another person’s.',
  'plan-fault': (refusal) => planFaultWords(refusal.fault, refusal.detail),
  'set-impossible': (refusal) => `The set for ${refusal.wire}${refusal.side} names parts that the job does not have.`,
}

/** Why an entry cannot be written now, and what would be right. */
export const refusalWords = (refusal: Refusal): string =>
  (sentences[refusal.kind] as (refusal: Refusal) => string)(refusal)
