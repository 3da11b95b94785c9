import type { Refusal } from '@/core/record/journal/entryKind'
import { isPractice } from '@/core/craft/crimp/practices'
import { lookWords, stripLimitWords, threadWords } from './crimp'
import { practiceWords } from './practices'
import { entryWords } from './entries'
import { day, figure, list, mm, newtons, plural, range } from './figures'
import { implausibleWords } from './implausible'
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

/** Why an entry cannot be written now, and what would be right. */
export function refusalWords(refusal: Refusal): string {
  switch (refusal.code) {
    case 'job-closed':
      return 'The job is signed. Reopen it with a reason to go on.'
    case 'unknown':
      return `There is no ${refusal.what} ${refusal.id} in this job.`
    case 'id-twice':
      return `The entry ${refusal.id} is there already: an id stands in a journal once.`
    case 'no-set':
      return `Kit has chosen no contact for ${refusal.term} yet.`
    case 'already':
      return `That is ${done[refusal.what]} already.`
    case 'not-yet':
      return notYet(refusal)
    case 'strip-outside': {
      const { verdict } = refusal
      return `${verdict.kind === 'short' ? 'Too short' : 'Too long'} by ${mm(verdict.byMm, 1)} to the middle: ${stripLimitWords[verdict.code]}. The window is ${range(refusal.minMm, refusal.maxMm)} mm.`
    }
    case 'strands-lost':
      return `${plural(refusal.lost, 'strand')} lost, ${refusal.allowed === 0 ? 'none is' : `${refusal.allowed} are`} allowed by the house rules: cut back and strip again.`
    case 'not-threaded':
      return `First: ${refusal.items.map((item) => (item in threadWords ? threadWords[item as keyof typeof threadWords] : item).toLowerCase()).join(', ')}.`
    case 'ahead-of-release':
      return `${plural(refusal.ahead, 'piece')} of this setup ${refusal.ahead === 1 ? 'is' : 'are'} stripped and its first piece is not released. Release the setup at Crimp, then strip the rest.`
    case 'wrong-setup':
      return 'This termination needs another setup.'
    case 'setup-not-in-hand':
      return 'Its setup is not on the bench: mount it first.'
    case 'tool-overdue':
      return `${refusal.tool} was due for verification on ${day(refusal.dueOn)}. Verify it first, or choose another frame in Kit.`
    case 'looks-missing':
      return `Not looked at yet: ${list(refusal.missing.map((look) => lookWords[look].line.toLowerCase()))}.`
    case 'look-failed':
      return `“${lookWords[refusal.look].line}” was not seen: report the fault instead.`
    case 'height-missing':
      return 'Measure the crimp height: the first piece needs it.'
    case 'height-outside':
      return `Height ${figure(refusal.heightMm, 3)} mm is outside ${range(refusal.minMm, refusal.maxMm)} mm.`
    case 'practice-forbidden':
      return `These house rules forbid it: ${isPractice(refusal.practice) ? practiceWords[refusal.practice].name.toLowerCase() : refusal.practice}.`
    case 'implausible':
      return implausibleWords(refusal)
    case 'pull-due':
      return `One piece in ${refusal.every} is pulled to destruction here: pull one, then go on.`
    case 'new-day':
      return `The setup was released on ${day(refusal.released)}. These house rules begin each day with a first piece: press N.`
    case 'tool-unverified':
      return `${refusal.tool} is not verified since its adjuster was turned: gauge it first.`
    case 'figure-missing':
      return 'Say the figure in mm to which it was set.'
    case 'outside-window':
      return `${mm(refusal.toMm, 1)} cannot be meant: it should lie between ${range(refusal.minMm, refusal.maxMm, 1)} mm.`
    case 'decision-not-for-defect':
      return 'That fault was found after the stroke: the contact goes.'
    case 'wrong-cavity':
      return refusal.planned === refusal.given
        ? `${refusal.given} is its own cavity.`
        : `It belongs in ${refusal.planned}, not in ${refusal.given}.`
    case 'stands-elsewhere':
      return `It stands in ${refusal.stands}, not in ${refusal.given}.`
    case 'cavity-taken':
      return `${refusal.cavity} holds ${refusal.by} already.`
    case 'lock-closed':
      return `The lock of ${refusal.end} is closed: open it first.`
    case 'no-part-way':
      return `The lock of ${refusal.end} has no part-way stop: it is open or closed.`
    case 'cover-due':
      return `The new cover of ${refusal.end} goes over the wires first: no contact goes in before it.`
    case 'not-looked-over':
      return `Look ${refusal.end} over from both sides first.`
    case 'pair-fault':
      return `These two do not go together: ${pairFaultWords(refusal.fault)}`
    case 'lock-open':
      return `The lock of ${refusal.end} is open.`
    case 'not-home':
      return `Not home yet: ${list(refusal.contacts, 4)}. The lock closes when all contacts are in.`
    case 'tug-missing':
      return `Tug it lightly, about ${newtons(refusal.tugN)}, and say that it held.`
    case 'tug-too-hard':
      return `${newtons(refusal.tugN)} is too hard a tug: ${newtons(refusal.lightN)} is enough, more could break the cavity's lock.`
    case 'contact-spent':
      return `This contact has come out ${plural(refusal.used, 'time')}; ${reuseLimitWords[refusal.by]} ${refusal.allowed === 0 ? 'no second use' : plural(refusal.allowed, 'reuse')}. Cut it off and make a new one.`
    case 'improvised-forbidden':
      return 'These house rules forbid improvised release tools: borrow or buy the right one.'
    case 'cavity-in-use':
      return `${refusal.cavity} is for a wire: no plug there.`
    case 'stands-on-it':
      return `Later work stands on it: ${list(
        refusal.later.map((line) => `${entryWords[line.kind]} ${line.about}`.trim()),
        3,
      )}. Take that back first.`
    case 'not-this-one':
      return 'That entry stays: it cannot be taken back.'
    case 'stale-signature':
      return 'Something was written since you opened this page. Look again, then sign.'
    case 'same-person':
      return 'The second signature must be another person’s.'
    case 'plan-fault':
      return planFaultWords(refusal.fault, refusal.detail)
    case 'set-impossible':
      return `The set for ${refusal.wire}${refusal.side} names parts that the job does not have.`
  }
}

function notYet({ what, left }: Extract<Refusal, { code: 'not-yet' }>): string {
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
      return `${plural(left ?? 1, 'task')} left before Close.`
    case 'tray':
      return 'Count the tray first: tools back, scrap found.'
    case 'plugged':
      return left === undefined ? 'There is no plug in it.' : `Plug the unused cavities first: ${left} left.`
    case 'out':
      return 'Contacts still stand in the old housing: take them out first.'
    case 'lacing-open':
      return 'Open the lacing along it first.'
    case 'fitted':
      return 'Fit the interface seal first.'
  }
}
