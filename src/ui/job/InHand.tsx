'use client'
import { inHandWords as words } from '@/words/screens/job/inHand'
import { useClock } from '@/ui/frame/Clock'
import { useMemo } from 'react'
import { inHand, setupQueue } from '@/core/views/queue'
import { setupFields, type SetupField } from '@/core/craft/setup/setup'
import { setupFieldWords, setupValue } from '@/words/crimp'
import { useJob } from './JobProvider'

/** The setup that is on the bench now, with its release. */
export function InHand() {
  const clock = useClock()
  const { state } = useJob()
  const id = useMemo(() => inHand(state), [state])
  const group = useMemo(() => setupQueue(state).find((one) => one.id === id), [state, id])
  const setup = id === undefined ? undefined : state.setups.get(id)
  if (!setup) {
    return (
      <dl aria-label={words.inHand}>
        <div>
          <dt>{words.inHandMark}</dt>
          <dd>{words.nothingMountedYet}</dd>
        </div>
      </dl>
    )
  }
  const set = id === undefined ? undefined : state.adjustments.get(id)
  // what was set again on the bench stands here, not what the card said
  const adjusted = (field: SetupField) =>
    field === 'wireStopMm' ? set?.wireStopMm : field === 'notchMm' ? set?.notchMm : undefined
  const released = group && group.release.released.length > 0 ? setup.released : undefined
  return (
    <dl aria-label={words.inHand}>
      {setupFields
        .filter((field) => setup.setup[field] !== undefined)
        .map((field) => (
          <div key={field}>
            <dt>{field === 'tool' ? words.inHandMark : setupFieldWords[field].toLowerCase()}</dt>
            <dd>{setupValue(field, adjusted(field) ?? setup.setup[field])}</dd>
          </div>
        ))}
      <div>
        <dt>{released ? words.releasedByFirstPiece : words.firstPiece}</dt>
        <dd>
          {released
            ? words.release(clock.timeOfDay(released.at), released, group?.release.waits.size ?? 0)
            : words.notReleased}
        </dd>
      </div>
      <div>
        <dt>{words.left}</dt>
        <dd>{group?.left ?? 0}</dd>
      </div>
    </dl>
  )
}
