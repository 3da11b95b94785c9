import { pullTableName } from './pullTables'
import { toolClassWords } from './tools'
import type { HouseRules } from '@/core/parts/rules/houseRules'
import type { RuleGroup, RuleId, RuleLine } from '@/core/parts/rules/ruleLines'
import { figure, mm, mmRange, plural } from './figures'

export const ruleGroupWords: Readonly<Record<RuleGroup, string>> = {
  strip: 'Prep and strip',
  tools: 'Tools and settings',
  crimp: 'Crimp',
  seat: 'Seat and release',
  prove: 'Prove and sign',
  load: 'Load',
  kit: 'Parts',
}

/** What each rule fixes, and in one line why people differ about it. */
export const ruleWords: Readonly<Record<RuleId, { readonly name: string; readonly why: string }>> = {
  gap: {
    name: 'Gap at a closed barrel',
    why: 'A gap shows that insulation stayed out; others want it tight, so that no bare wire bends.',
  },
  brush: {
    name: 'Brush past the wings',
    why: 'It proves that the wings hold conductor all along; too much of it meets the mating pin.',
  },
  strandAllowance: {
    name: 'Strands that may be lost',
    why: 'One strand of nineteen hardly matters for current; where it vibrates the nick goes on.',
  },
  redoTries: {
    name: 'Tries over the first at each end',
    why: 'Wire cut long enough saves a harness; wire cut too long has to lie somewhere.',
  },
  sideCutterStrip: { name: 'Stripping with side cutters', why: 'Quick in the field and it nicks strands unseen.' },
  foldBack: {
    name: 'Fold-back of a thin wire',
    why: 'It fills a barrel that is too large; sheets do not know it, and the strands cross.',
  },
  stripCounts: {
    name: 'Strip where sheet and rules differ',
    why: 'The maker tried that length on that contact; a shop may have learned that its own brush holds better.',
  },
  lubricant: {
    name: 'Lubricant on seals',
    why: 'The approved one helps thick wires in; the wrong one swells the seal.',
  },
  forbiddenToolClasses: {
    name: 'Tool classes ruled out',
    why: 'A shop that owns frames wants nobody to reach for pliers.',
  },
  uncalibratedTools: {
    name: 'Tools without calibration',
    why: 'A practised hand makes sound crimps with them; nobody can prove it afterwards.',
  },
  estimates: {
    name: 'Settings that stand on no sheet',
    why: 'Away from the shelf an estimate with a pull test is better than nothing; on a bench it is a guess.',
  },
  overdueTools: {
    name: 'Tools past their verification',
    why: 'Most are still good; the one that is not has made a day of bad crimps.',
  },
  firstPieces: {
    name: 'First pieces after a setup change',
    why: 'Each costs a contact; each shows a wrong setting before it is in the harness.',
  },
  releasePull: {
    name: 'What releases a setup: the pull',
    why: 'A tester gives a figure to hold against the minimum; a hand only says that it held, and away from the bench there is no tester.',
  },
  releaseHeight: {
    name: 'What releases a setup: the height',
    why: 'A micrometer shows a wrong die before anything is pulled; at home there is often none, and the pull must do.',
  },
  pullTable: {
    name: 'Pull-out minima',
    why: 'Tables were made for different terminals; the contact’s own sheet comes before any.',
  },
  pullEvery: { name: 'A pull to destruction in every', why: 'Drift shows in the force; the pieces are lost.' },
  heightEvery: { name: 'A height measured in every', why: 'Height is quick and harmless; some trust the frame.' },
  trendPoints: {
    name: 'Heights in a row that stop the line',
    why: 'Fewer stop it for chance; more let a loose die go on.',
  },
  shiftAsksAgain: {
    name: 'Each day begins with a first piece',
    why: 'Over night somebody may have had the frame; many shops trust their crib.',
  },
  secondStroke: {
    name: 'A second stroke in a smaller nest',
    why: 'Simple tools are made for two; a frame’s crimp is finished after one.',
  },
  solder: {
    name: 'Solder on a crimp',
    why: 'It saves a crimp made without the right tool; it wicks, and the wire breaks where it ends.',
  },
  easingWings: {
    name: 'Easing sprung wings together',
    why: 'It lets the nest take them; bent twice, the metal is weaker.',
  },
  straightening: {
    name: 'Straightening a bent contact',
    why: 'A light bend does no harm; a plating crack is not seen.',
  },
  brushTrimming: {
    name: 'Trimming the brush afterwards',
    why: 'It frees the mating part; the cutter can catch the contact.',
  },
  finishingSqueeze: { name: 'A finishing squeeze', why: 'It closes wings that stand off; it also hides a wrong nest.' },
  contactReuses: {
    name: 'Contact used again, at most',
    why: 'Barbs and lances tire; a contact costs little, a way to it costs much.',
  },
  sealReuses: { name: 'Seal used again, at most', why: 'It has taken the shape of the first wire.' },
  equalWithinMm: {
    name: 'Wires of one group stay equal within',
    why: 'A twist or a cable whose wires differ pulls at the shorter one; redoing all of them costs slack at each.',
  },
  improvisedRelease: {
    name: 'Improvised release tools',
    why: 'Far from the crib they get the contact out; they also break locks.',
  },
  handTightening: {
    name: 'Screws and nuts tightened by hand',
    why: 'Where the sheet asks a torque: by feel one is loose in a month, the next crushes its strands.',
  },
  coverOrder: { name: 'Covers close', why: 'Either can push a contact back; look from both sides after both.' },
  tugShare: {
    name: 'Light tug, share of retention',
    why: 'Too light proves nothing, too hard breaks the lock that it tests.',
  },
  isolation: {
    name: 'Shown to be apart',
    why: 'Neighbours and mirror images find what a wrong hole does; all pairs find everything, and take an analyser.',
  },
  throughPairs: {
    name: 'Probed through mated halves',
    why: 'Only together do they show a contact that gives way when it is pushed; it takes the far ends within reach.',
  },
  netResistance: {
    name: 'Resistance of every net',
    why: 'A bad crimp rings through as well as a good one; a meter that is fine enough costs money.',
  },
  singlyFirst: {
    name: 'Looks ticked one by one, first so many',
    why: 'A new setup shows its faults on the first pieces; ticking each look for ever becomes a habit that sees nothing.',
  },
  singlyEvery: {
    name: 'Then one by one, one piece in',
    why: 'Between, all looks are answered at once beside their pictures, and the record says so.',
  },
  matingPin: {
    name: 'A mating pin tried in each socket',
    why: 'It finds a brush in its way at once; on large sockets it is seen as well without.',
  },
  gaugeEachShift: {
    name: 'Frame gauged before its first crimp of a day',
    why: 'A frame that was dropped last night is found before the first contact; it takes a minute each morning.',
  },
  wireLabels: {
    name: 'A label on each wire',
    why: 'Years later it is the only pinout; a lead of two wires in two colours needs none.',
  },
  handPull: {
    name: 'Each crimp pulled by hand',
    why: 'It finds the crimp that was forgotten; a strong hand spoils a thin wire.',
  },
  retentionTest: {
    name: 'Retention test with a gauge',
    why: 'It finds the half-seated one; it takes a minute for each end.',
  },
  retentionWhen: {
    name: 'Retention test, when',
    why: 'After each click a bad one is mended while the hand is there; at Prove all are pulled in one go, with one gauge.',
  },
  wiggleS: { name: 'Wiggle, at least', why: 'The longer it is moved, the rarer a fault that is missed.' },
  secondSignature: { name: 'Second person signs', why: 'Fresh eyes see more; a small workshop has none.' },
  dropLimitPercent: { name: 'Largest voltage drop', why: 'Lamps forgive more than electronics.' },
  bundleDerating: {
    name: 'Derating in a bundle',
    why: 'Codes are made for wires that are loaded all at once; few harnesses are.',
  },
  sparePercent: { name: 'Spares over the need', why: 'Contacts get lost and crimped badly; money lies on the shelf.' },
  spareLeast: { name: 'Spares of each part, at least', why: 'One lost seal must not stop the job.' },
}

const allowanceWords = { forbidden: 'forbidden', recorded: 'allowed, recorded', allowed: 'allowed' } as const
const choiceWords: Readonly<Record<string, string>> = {
  none: 'none',
  approved: 'the approved one only',
  block: 'blocked',
  warn: 'warned about',
  figure: 'a figure from a tester',
  'by-hand': 'a figure, or pulled by hand and held',
  sheet: 'the sheet’s own',
  'house-rules': 'these rules’',
  measured: 'measured, where the set has a window',
  'not-asked': 'not asked',
  likely: 'neighbours and mirror images',
  'all-pairs': 'all pairs, by an analyser',
  'each-net': 'measured, each net',
  each: 'each, at Prove',
  'each-crimp': 'each, as a look when it is crimped',
  sockets: 'in each stamped socket',
  'at-prove': 'at Prove',
  'after-click': 'at Seat, after each click',
  'front-first': 'front cover first',
  'gate-first': 'rear gate first',
  'iec-60352-2': pullTableName('iec-60352-2'),
  'ul-486a': pullTableName('ul-486a'),
  as7928: pullTableName('as7928'),
}
export const choiceWord = (choice: string): string => choiceWords[choice] ?? choice

/** The value of a rule in a school, as a cell of a table. */
export function ruleValue({ id, shape }: RuleLine, rules: HouseRules): string {
  const value = rules[id]
  switch (shape.kind) {
    case 'allowance':
      return allowanceWords[value as keyof typeof allowanceWords]
    case 'yes-no':
      return value === true ? 'yes' : 'no'
    case 'choice':
      return choiceWord(value as string)
    case 'range':
      return mmRange(rules.brush.minMm, rules.brush.maxMm)
    case 'gap':
      return gapWords(rules)
    case 'tool-classes':
      return rules.forbiddenToolClasses.length === 0
        ? 'none'
        : rules.forbiddenToolClasses.map((one) => toolClassWords[one]).join(', ')
    case 'derating':
      return (
        rules.bundleDerating
          .map((row) => `${figure(row.factor * 100, 0)} % to ${row.upTo}`)
          .slice(0, 3)
          .join(', ') + (rules.bundleDerating.length > 3 ? ' …' : '')
      )
    case 'figure':
      return figureWords(value as number, shape.unit, id)
  }
}

function gapWords({ gap }: HouseRules): string {
  switch (gap.school) {
    case 'band':
      return mmRange(gap.band.minMm, gap.band.maxMm)
    case 'half-insulation':
      return `${mm(gap.minMm)} to half the insulation`
    case 'touching':
      return `none to ${mm(gap.maxMm)}`
  }
}

function figureWords(value: number, unit: string, id: RuleId): string {
  if (id === 'singlyEvery' && value === 0) return 'never again'
  if ((id === 'pullEvery' || id === 'heightEvery') && value === 0) return 'first pieces only'
  switch (unit) {
    case 'percent':
      return `${figure(value, 1)} %`
    case 'share':
      return `${figure(value * 100, 0)} %`
    case 's':
      return `${value} s`
    case 'mm':
      return mm(value)
    case 'pieces':
      return plural(value, 'piece')
    case 'strands':
      return value === 0 ? 'none' : plural(value, 'strand')
    default:
      return value === 0 ? 'never' : plural(value, 'time')
  }
}
