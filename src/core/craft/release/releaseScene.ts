import { releaseSteps, type ReleaseMechanism, type ReleaseStep } from '../../parts/catalogue/releaseMechanisms'
import { contactScene, OUT_MM, seatedMoment, type ContactScene, type SceneMoment } from './contactScene'

/**
 * What each step of a release changes, one part after the other. The tool comes first and then acts; the contact leaves only
 * once it is free.
 */
const changes: Readonly<Record<ReleaseStep, readonly Partial<SceneMoment>[]>> = {
  'open-lock': [{ cover: 1 }],
  'free-comb': [{ mat: 1 }],
  'lift-mat': [{ mat: 1 }],
  'push-wire-in': [{ contactMm: -0.7 }],
  'move-finger': [{ tool: 1 }, { free: 1 }],
  'tube-over-barbs': [{ tool: 1, free: 1 }],
  'press-lance': [{ tool: 1 }, { free: 1 }],
  'sleeve-on-wire': [{ tool: 1 }, { free: 1 }],
  'pick-at-wall': [{ tool: 1 }, { free: 1 }],
  'pull-wire': [{ contactMm: OUT_MM }, { tool: 0, free: 0 }],
  'pull-wire-and-sleeve': [{ contactMm: OUT_MM }],
  'ease-back': [{ contactMm: OUT_MM }, { tool: 0, free: 0 }],
  'spread-barbs': [{ restored: 1 }],
  'raise-lance': [{ restored: 1 }],
  'spring-tang': [{ restored: 1 }],
  'look-at-finger': [{ free: 0 }],
  'look-at-clip': [{ free: 0 }],
  'look-at-mat': [{ mat: 0 }],
  'loosen-screw': [{ tool: 1 }, { free: 1 }],
  'draw-out': [{ contactMm: OUT_MM }, { tool: 0 }],
  'nut-off': [{ tool: 1 }, { free: 0.5 }, { tool: 0 }, { free: 1 }],
  'lift-off': [{ contactMm: OUT_MM }],
  'look-at-terminal': [{}],
}

/** The scene of a mechanism, from a seated contact to one that can be used again. */
export function releaseScene(mechanism: ReleaseMechanism): ContactScene<ReleaseStep> {
  // without a tool it is free once the last cover is open
  const freesIt = mechanism.tool === 'none' ? mechanism.before.at(-1) : undefined
  return contactScene(releaseSteps(mechanism, true), seatedMoment, (step) =>
    step === freesIt ? changes[step].map((change) => ({ ...change, free: 1 })) : changes[step],
  )
}
