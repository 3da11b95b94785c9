import { Button, Kbd } from '@mantine/core'
import type { Outcome } from '@/core/base/outcome'
import type { KeptEntry } from '@/core/record/journal/entry'
import clsx from 'clsx'
import { type SideLetter, planIndex, sideOf } from '@/core/record/plan/plan'
import { housingOf } from '@/core/record/plan/facts'
import { isFixed } from '@/core/parts/catalogue/releaseMechanisms'
import type { JobState } from '@/core/record/state/state'
import { endKey } from '@/core/record/plan/keys'
import { type Asking, useAction } from '../action/useAction'
import { useJob } from './JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { pinsOrSocketsWords as words } from '@/words/screens/job/pinsOrSockets'
import styles from './PinsOrSockets.module.css'

/** The end of a termination whose housing takes pins or sockets, and nobody has said which. */
export function openGender(state: JobState, wireId: string, side: SideLetter): string | undefined {
  const wire = planIndex(state.plan).wires.get(wireId)
  const at = wire && sideOf(wire, side)
  if (at?.kind !== 'cavity') return undefined
  const housing = housingOf(state.facts, state.plan, at.end)
  const family = housing && state.facts.families[housing.family]
  // what clamps or bolts takes no pins and no sockets
  if (!family || isFixed(family)) return undefined
  const half = family.halves[housing.role]
  const said = planIndex(state.plan).ends.get(at.end)?.gender
  return half === 'either' && said === undefined ? at.end : undefined
}

/** Writes what an end takes, and what follows from it. */
export type GiveGender = (
  given: Asking & { readonly end: string; readonly gender: 'pin' | 'socket' },
) => Promise<Outcome<readonly KeptEntry[]>>

/** Pins or sockets: asked once for an end, then the same for all its wires. */
export function PinsOrSockets({
  end,
  giveGender,
  cameOut = false,
}: {
  readonly end: string
  readonly giveGender: GiveGender
  /** asked of what comes out of a harness that somebody else has made */
  readonly cameOut?: boolean
}) {
  const { state } = useJob()
  const { busy, write } = useAction()
  const wires = planIndex(state.plan).byEnd.get(endKey(1, end))?.length ?? 0
  const give = (gender: 'pin' | 'socket') => void write((asking) => giveGender({ ...asking, end, gender }))
  const question = cameOut ? words.cameOut(end) : words.ask(end)
  useKeys([
    { key: 'n', words: words.pins, run: () => give('pin') },
    { key: 's', words: words.sockets, run: () => give('socket') },
  ])
  return (
    <div className={clsx(noteCss.note, noteCss.attend, styles.asks)} role="group" aria-label={question}>
      <p>
        <b>◆ {question}</b> {cameOut ? words.newOnesAreAlike(wires) : words.onceForAll(wires)}
      </p>
      <div className={paneCss.two}>
        <Button disabled={busy} onClick={() => give('pin')}>
          <span>{words.pins}</span> <Kbd aria-hidden="true">N</Kbd>
        </Button>
        <Button disabled={busy} onClick={() => give('socket')}>
          <span>{words.sockets}</span> <Kbd aria-hidden="true">S</Kbd>
        </Button>
      </div>
    </div>
  )
}
