import type { Catalogue } from '../../parts/catalogue/catalogue'
import { toolClasses } from '../../parts/catalogue/toolClasses'
import { type Contact, type Tool, isInCrib } from '../../parts/catalogue/types'
import { questionKey } from './chooseSets'
import { type Question, answerAll, question } from './question'
import type { JobState } from '../../record/state/state'
import { type SideLetter, sideOf } from '../../record/plan/plan'
import { type MilpSolver, yesNo } from '../../base/milp/milp'
import { setKey } from '../../record/plan/keys'

/** What kind of way a tool is to a crimp: a calibrated frame, a plain bench tool, or one that is lent. */
export type ToolWay = 'professional' | 'bench' | 'borrowed'

export interface ToolOffer {
  readonly tool: string
  readonly name: string
  readonly way: ToolWay
  /** to buy it, or for one borrowing; undefined when nobody has said */
  readonly price?: number
  /** its settings stand on no sheet */
  readonly estimate: boolean
}

/** Terminations of one kind that the crib cannot crimp, and what could. */
export interface UncrimpedClass {
  readonly id: string
  /** family and contact size, or the shape of a terminal, for the eye */
  readonly about: { readonly family: string; readonly contacts: readonly string[]; readonly areaMm2: number }
  readonly sides: readonly { readonly wire: string; readonly side: SideLetter }[]
  /** cheapest first; those without a price last */
  readonly offers: readonly ToolOffer[]
}

/** Terminations that no set of the crib crimps, in classes of like ones, with every tool that could be bought or borrowed for them. */
export function uncrimpedClasses(catalogue: Catalogue, state: JobState, today: string): readonly UncrimpedClass[] {
  const { plan, sets } = state
  const classes = new Map<
    string,
    { about: UncrimpedClass['about']; sides: UncrimpedClass['sides'][number][]; offers: readonly ToolOffer[] }
  >()
  for (const wire of plan.wires) {
    for (const side of ['a', 'b'] as const) {
      const { kind } = sideOf(wire, side)
      if (kind === 'open' || kind === 'with' || sets.has(setKey(wire.id, side))) continue
      const asked = question({ catalogue, plan, today, sets }, wire, side)
      if (!asked) continue
      const id = questionKey(asked)
      const known = classes.get(id)
      if (known) {
        known.sides.push({ wire: wire.id, side })
        continue
      }
      const { offers, contacts } = offersFor(catalogue, asked)
      const [first] = contacts
      if (!first) continue
      classes.set(id, {
        about: {
          family: first.family,
          contacts: contacts.map((one) => one.id),
          areaMm2: (asked.kind === 'cavity' ? asked.query : asked.conditions).wire.areaMm2,
        },
        sides: [{ wire: wire.id, side }],
        offers,
      })
    }
  }
  return [...classes].map(([id, one]) => ({ id, ...one }))
}

function offersFor(
  catalogue: Catalogue,
  asked: Question,
): { readonly offers: readonly ToolOffer[]; readonly contacts: readonly Contact[] } {
  const any = { mayUse: () => true }
  const { sets } = answerAll(
    catalogue,
    asked.kind === 'cavity'
      ? { ...asked, query: { ...asked.query, ...any } }
      : { ...asked, conditions: { ...asked.conditions, ...any } },
  )
  const offers = new Map<string, ToolOffer>()
  for (const set of sets) {
    for (const setup of set.setups) {
      const tool = catalogue.tools.get(setup.setup.tool)
      if (!tool || isInCrib(tool) || offers.has(tool.id)) continue
      offers.set(tool.id, {
        tool: tool.id,
        name: tool.name,
        way: wayOf(tool),
        ...(tool.price !== undefined && { price: tool.price }),
        estimate: setup.estimate,
      })
    }
  }
  return {
    offers: [...offers.values()].sort(
      (a, b) => (a.price ?? Infinity) - (b.price ?? Infinity) || (a.tool < b.tool ? -1 : 1),
    ),
    contacts: sets.map((set) => set.contact),
  }
}

function wayOf(tool: Tool): ToolWay {
  if (tool.held === 'borrow') return 'borrowed'
  return tool.grade ?? (toolClasses[tool.class].calibrated ? 'professional' : 'bench')
}

export interface BuyList {
  /** the cheapest tools that together crimp every class that can be */
  readonly tools: readonly ToolOffer[]
  readonly price: number
  /** no set of tools can be cheaper than this */
  readonly bound: number
  readonly proven: boolean
  /** classes that no tool on any list crimps, or only ones without a price */
  readonly left: readonly UncrimpedClass[]
}

/** The cheapest set of tools that covers all classes. A tool that crimps several counts once. */
export function cheapestTools(classes: readonly UncrimpedClass[], solve: MilpSolver, timeLimitS: number): BuyList {
  const priced = (one: UncrimpedClass) => one.offers.filter((offer) => offer.price !== undefined)
  const covered = classes.filter((one) => priced(one).length > 0)
  const left = classes.filter((one) => priced(one).length === 0)
  const offers = [...new Map(covered.flatMap(priced).map((offer) => [offer.tool, offer])).values()]
  if (offers.length === 0) return { tools: [], price: 0, bound: 0, proven: true, left }
  const place = new Map(offers.map((offer, i) => [offer.tool, i]))
  const start = greedyTools(covered, offers)
  const answer = solve(
    {
      variables: offers.map((offer) => yesNo(offer.price ?? 0)),
      rows: covered.map((one) => ({
        lower: 1,
        upper: priced(one).length,
        terms: priced(one).map((offer) => [place.get(offer.tool) ?? 0, 1] as const),
      })),
    },
    { timeLimitS, start: offers.map((offer) => Number(start.has(offer.tool))) },
  )
  const cost = (tools: readonly ToolOffer[]) => tools.reduce((sum, tool) => sum + (tool.price ?? 0), 0)
  const greedy = offers.filter((offer) => start.has(offer.tool))
  const found = answer.status === 'solved' ? offers.filter((_offer, i) => (answer.values[i] ?? 0) > 0.5) : greedy
  const tools = cost(found) <= cost(greedy) ? found : greedy
  const price = cost(tools)
  const bound = answer.status === 'infeasible' ? price : Math.min(price, answer.bound)
  return { tools, price, bound, proven: price - bound < 1e-6 * Math.max(1, price), left }
}

/** The tool with the least price for each class that it adds, until all are covered. */
export function greedyTools(classes: readonly UncrimpedClass[], offers: readonly ToolOffer[]): ReadonlySet<string> {
  const open = new Set(classes)
  const taken = new Set<string>()
  while (open.size > 0) {
    let best: ToolOffer | undefined
    let least = Infinity
    for (const offer of offers) {
      const adds = [...open].filter((one) => one.offers.some((other) => other.tool === offer.tool)).length
      const each = adds === 0 ? Infinity : (offer.price ?? Infinity) / adds
      if (each < least) [best, least] = [offer, each]
    }
    if (!best) break
    taken.add(best.tool)
    for (const one of [...open]) if (one.offers.some((other) => other.tool === best.tool)) open.delete(one)
  }
  return taken
}
