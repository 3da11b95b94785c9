import { goodPieces, heightRefusal, judgeFirstPiece } from '../../standing/firstPiece'
import { implausibleHeight, implausiblePull } from '../../standing/plausible'
import { setupParts, type ReleaseEnding, type SetupPart } from '../../../craft/crimp/setupPart'
import { planIndex, setKey, termKey } from '../../plan/plan'
import { setupId, setupIdLabel, toolDue } from '../../../craft/setup/setup'
import { subject, termLabel, type Draft, type EntryKind, type Refusal } from '../entryKind'
import { isMounted, isReleased, looksOf, notInHand, toLooks } from '../shared'
import { rulesOf } from '../../rules/rulesOf'
import type { JobState, SetupState } from '../../state/state'
import type { ChosenSet } from '../../../craft/setup/chosenSet'

export const setupMounted: EntryKind<'setup-mounted'> = {
  kind: 'setup-mounted',
  subjects: ({ setup }) => ({ writes: [subject.tool(setup.tool), subject.setup(setupId(setup))] }),
  refuse: (state, { setup }, { at }) => {
    const id = setupId(setup)
    const wanted = [...state.sets.values()].some((set) => setupId(set.setup) === id)
    if (!wanted) return { code: 'unknown', what: 'setup', id }
    const tool = state.facts.tools[setup.tool]
    const due = tool && toolDue(tool, at.slice(0, 10))
    // gauged at this bench since: the crib's date is behind
    if (state.toolChecks.get(setup.tool)?.kind === 'verified') return undefined
    return due?.kind === 'overdue' && rulesOf(state).overdueTools === 'block'
      ? { code: 'tool-overdue', tool: setup.tool, dueOn: due.dueOn }
      : undefined
  },
  apply: (draft, { setup, seq, by }) => {
    const id = setupId(setup)
    const before = draft.state.setups.get(id)
    draft.put(draft.state.setups, id, {
      setup,
      mounted: seq,
      proven: before?.proven ?? false,
      pieces: before?.pieces ?? [],
      piecesFrom: before?.pieces.length ?? 0,
      samples: before?.samples ?? [],
    })
    draft.put(draft.state.tools, setup.tool, { setup: id, since: seq, by })
  },
  about: ({ setup }) => setupIdLabel(setupId(setup)),
}

const pullRefusal = (
  state: JobState,
  wire: string,
  side: 'a' | 'b',
  set: ChosenSet,
  pullN: number,
): Refusal | undefined => {
  const termination = planIndex(state.plan).byKey.get(termKey(1, wire, side))
  return termination && implausiblePull(state.facts, termination, set, pullN)
}

export const firstPiece: EntryKind<'first-piece'> = {
  kind: 'first-piece',
  subjects: ({ setup, wire, side }) => ({ writes: [subject.setup(setup)], reads: [subject.set(wire, side)] }),
  refuse: (state, { setup, wire, side, looks, heightMm, pullN }) => {
    const set = state.sets.get(setKey(wire, side))
    if (!set) return { code: 'no-set', term: `1/${wire}/${side}` }
    const refusal = notInHand(state, setupId(set.setup), setup)
    if (refusal) return refusal
    const check = state.toolChecks.get(set.setup.tool)?.kind
    if (check === 'ended' || check === 'failed') return { code: 'tool-unverified', tool: set.setup.tool }
    const missing = looksOf(state, set).filter((look) => !looks.some((one) => one.look === look))
    if (missing.length > 0) return { code: 'looks-missing', missing }
    const height = heightRefusal(state, set, heightMm, true)
    if (height?.code === 'height-missing') return height
    return (
      (heightMm === undefined ? undefined : implausibleHeight(set, heightMm)) ??
      pullRefusal(state, wire, side, set, pullN)
    )
  },
  apply: (draft, { setup, wire, side, looks, heightMm, pullN, breaks, at, by }) => {
    const now = draft.state.setups.get(setup)
    const set = draft.state.sets.get(setKey(wire, side))
    if (!now || !set) return
    const { good, minimumN } = judgeFirstPiece(draft.state, set, { looks, heightMm, pullN })
    const piece = {
      mounted: now.mounted,
      contact: set.contact,
      ...(set.seal !== undefined && { seal: set.seal }),
      looks: toLooks(looks),
      pullN,
      good,
      at,
      by,
      ...(heightMm !== undefined && { heightMm }),
      ...(minimumN !== undefined && { minimumN }),
      ...(breaks && { breaks }),
    }
    draft.put(draft.state.setups, setup, { ...now, pieces: [...now.pieces, piece] })
  },
  about: ({ setup }) => setupIdLabel(setup),
}

export const setupReleased: EntryKind<'setup-released'> = {
  kind: 'setup-released',
  subjects: ({ setup }) => ({ writes: [subject.setup(setup)] }),
  refuse: (state, { setup }) => {
    if (!isMounted(state, setup)) return { code: 'not-yet', what: 'mounted' }
    if (isReleased(state, setup)) return { code: 'already', what: 'closed' }
    const left = rulesOf(state).firstPieces - goodPieces(state, setup)
    return left > 0 ? { code: 'not-yet', what: 'first-piece', left } : undefined
  },
  apply: (draft, { setup, at, by }) => {
    const now = draft.state.setups.get(setup)
    const piece = now?.pieces.findLast((one) => one.mounted === now.mounted && one.good)
    if (!now || !piece) return
    const released = { at, by, pullN: piece.pullN, ...(piece.minimumN !== undefined && { minimumN: piece.minimumN }) }
    const { ended: _past, ...rest } = now
    draft.put(draft.state.setups, setup, { ...rest, released, proven: true })
  },
  about: ({ setup }) => setupIdLabel(setup),
}

/** The release does not hold any more: pieces that come after count for the next. */
function endRelease(draft: Draft, id: string, ended: NonNullable<SetupState['ended']>): void {
  const now = draft.state.setups.get(id)
  if (!now) return
  const { released: _released, ...rest } = now
  draft.put(draft.state.setups, id, { ...rest, ended, piecesFrom: now.pieces.length })
}

export const pullSampled: EntryKind<'pull-sampled'> = {
  kind: 'pull-sampled',
  subjects: ({ setup, wire, side }) => ({ writes: [subject.setup(setup)], reads: [subject.set(wire, side)] }),
  refuse: (state, { setup, wire, side, pullN }) => {
    const set = state.sets.get(setKey(wire, side))
    if (!set) return { code: 'no-set', term: `1/${wire}/${side}` }
    return (
      notInHand(state, setupId(set.setup), setup) ??
      (isReleased(state, setup) ? pullRefusal(state, wire, side, set, pullN) : { code: 'not-yet', what: 'released' })
    )
  },
  apply: (draft, { setup, wire, side, pullN, breaks, at, by }) => {
    const now = draft.state.setups.get(setup)
    const set = draft.state.sets.get(setKey(wire, side))
    if (!now || !set) return
    const minimumN = set.pull?.forceN
    const good = minimumN !== undefined && pullN >= minimumN
    const sample = {
      contact: set.contact,
      ...(set.seal !== undefined && { seal: set.seal }),
      pullN,
      good,
      at,
      by,
      ...(minimumN !== undefined && { minimumN }),
      ...(breaks && { breaks }),
    }
    draft.put(draft.state.setups, setup, { ...now, samples: [...now.samples, sample] })
    // what was crimped since the last good pull is in question, and nothing more is made like it
    if (!good) endRelease(draft, setup, { why: 'pull-low', at, by })
  },
  about: ({ setup }) => setupIdLabel(setup),
}

export const releaseEnded: EntryKind<'release-ended'> = {
  kind: 'release-ended',
  subjects: ({ setup }) => ({ writes: [subject.setup(setup)] }),
  refuse: (state, { setup, why }) => {
    const now = state.setups.get(setup)
    if (!now || !isMounted(state, setup)) return { code: 'not-yet', what: 'mounted' }
    return !now.released && why !== 'adjuster' ? { code: 'already', what: 'ended' } : undefined
  },
  apply: (draft, { setup, why, at, by }) => {
    endRelease(draft, setup, { why: why satisfies ReleaseEnding, at, by })
    const tool = draft.state.setups.get(setup)?.setup.tool
    if (why === 'adjuster' && tool !== undefined) draft.put(draft.state.toolChecks, tool, { kind: 'ended', at, by })
  },
  about: ({ setup }) => setupIdLabel(setup),
}

export const setupAdjusted: EntryKind<'setup-adjusted'> = {
  kind: 'setup-adjusted',
  // a strip stop is set at Prep, whatever is on the frame: it does not meet with those who crimp
  subjects: ({ setup, part }) => ({
    writes: [subject.adjustment(setup), ...(setupParts[part].endsRelease ? [subject.setup(setup)] : [])],
  }),
  refuse: (state, { setup, part, toMm, nominalMm }) => {
    const wanted = [...state.sets.values()].find((set) => setupId(set.setup) === setup)
    if (!wanted) return { code: 'unknown', what: 'setup', id: setup }
    if (setupParts[part].figure && (toMm === undefined || (part === 'strip-stop' && nominalMm === undefined)))
      return { code: 'figure-missing', part }
    // a stop that stands further off than a strip is long was never meant
    if (
      part === 'strip-stop' &&
      toMm !== undefined &&
      nominalMm !== undefined &&
      Math.abs(toMm - nominalMm) > nominalMm / 2
    )
      return { code: 'outside-window', toMm, minMm: nominalMm / 2, maxMm: nominalMm * 1.5 }
    return setupParts[part].endsRelease && !isMounted(state, setup) ? { code: 'not-yet', what: 'mounted' } : undefined
  },
  apply: (draft, { setup, part, toMm, nominalMm, at, by }) => {
    const now = draft.state.adjustments.get(setup) ?? {}
    if (part === 'strip-stop' && toMm !== undefined && nominalMm !== undefined)
      draft.put(draft.state.adjustments, setup, { ...now, stripOffMm: Math.round((toMm - nominalMm) * 100) / 100 })
    if (part === 'wire-stop' && toMm !== undefined)
      draft.put(draft.state.adjustments, setup, { ...now, wireStopMm: toMm })
    if (part === 'notch' && toMm !== undefined) draft.put(draft.state.adjustments, setup, { ...now, notchMm: toMm })
    if (setupParts[part].endsRelease && draft.state.setups.get(setup)?.released)
      endRelease(draft, setup, { why: part satisfies SetupPart, at, by })
  },
  about: ({ setup }) => setupIdLabel(setup),
}

export const toolVerified: EntryKind<'tool-verified'> = {
  kind: 'tool-verified',
  subjects: ({ tool }) => ({ writes: [subject.toolCheck(tool)] }),
  refuse: (state, { tool }) =>
    Object.hasOwn(state.facts.tools, tool) ? undefined : { code: 'unknown', what: 'tool', id: tool },
  apply: (draft, { tool, goEnters, noGoStops, at, by }) =>
    draft.put(draft.state.toolChecks, tool, { kind: goEnters && noGoStops ? 'verified' : 'failed', at, by }),
  about: ({ tool }) => tool,
}

export const photoTaken: EntryKind<'photo-taken'> = {
  kind: 'photo-taken',
  atDesk: true,
  subjects: ({ term, setup }) => ({ writes: [subject.photos(term ?? setup ?? '')] }),
  refuse: (state, { term, setup }) => {
    if (term !== undefined)
      return planIndex(state.plan).byKey.has(term) ? undefined : { code: 'unknown', what: 'termination', id: term }
    return setup !== undefined && state.setups.has(setup)
      ? undefined
      : { code: 'unknown', what: 'setup', id: setup ?? '' }
  },
  apply: (draft, { term, setup, photo, widthPx, heightPx, at, by }) => {
    const about = term ?? setup ?? ''
    draft.put(draft.state.photos, about, [
      ...(draft.state.photos.get(about) ?? []),
      { photo, widthPx, heightPx, at, by },
    ])
  },
  about: ({ term, setup }) => (term === undefined ? setupIdLabel(setup ?? '') : termLabel(term)),
  whenClosed: true,
}
