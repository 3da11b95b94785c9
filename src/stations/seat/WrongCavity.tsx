'use client'

import { wrongCavityWords as words } from '@/words/screens/seat/wrongCavity'
import paneCss from '@/ui/pane/pane.module.css'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button, Kbd, NativeSelect } from '@mantine/core'
import type { Housing } from '@/core/parts/catalogue/types'
import { likelyWrong } from '@/core/base/face/place'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { termName } from '@/words/steps'
import { type TaskOf, useWrite } from './useWrite'
import { cavityKey } from '@/core/record/plan/keys'

/** Which cavity a contact was found in, when it is the wrong one: its neighbours and its mirror image first. */
export function WrongCavity({
  task,
  housing,
  found,
  choose,
  back,
  done,
}: {
  readonly task: TaskOf<'insert'>
  readonly housing: Housing
  /** empty until it is chosen, here or on the face */
  readonly found: string
  readonly choose: (found: string) => void
  readonly back: () => void
  /** a pair the other way round goes by the move plan, without `found` */ readonly done: (found?: string) => void
}) {
  const { state } = useJob()
  const own = housing.cavities.find((one) => one.id === task.cavity)
  const near = own && likelyWrong(own, housing.cavities)
  const likely = [...(near?.neighbours ?? []), ...(near?.mirror === undefined ? [] : [near.mirror])]
  const inside = (id: string) => state.cavities.get(cavityKey(task.unit, task.end, id))
  // what was written down as seated may be the other way round with another one that was
  const where = housing.cavities
    .map((cavity) => cavity.id)
    .filter(
      (id) => id !== task.cavity && inside(id)?.plug === undefined && (task.done || inside(id)?.term === undefined),
    )
  const first = likely.filter((id) => where.includes(id))
  const rest = where.filter((id) => !first.includes(id))
  const swapped = found === '' ? undefined : inside(found)?.term
  const { busy, write } = useWrite(() => done(swapped === undefined ? found : undefined))
  const option = (id: string) => {
    const term = inside(id)?.term
    return (
      <option key={id} value={id}>
        {task.end}.{id}
        {term !== undefined && ` (${termName(term, state.plan.quantity)})`}
      </option>
    )
  }
  useKeys([{ key: 'Escape', words: words.backToTask, run: back }])
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, textCss.fault)}>{words.whichCavityIsIt}</h2>
      <form
        className={paneCss.choices}
        onSubmit={(event) => {
          event.preventDefault()
          if (found !== '')
            write({
              kind: 'misplaced',
              term: task.term,
              end: task.end,
              cavity: found,
              ...(swapped !== undefined && { swapped }),
            })
        }}
      >
        <NativeSelect
          label={words.isIn(task.term, state.plan.quantity)}
          autoFocus
          value={found}
          onChange={(event) => choose(event.target.value)}
        >
          <option value="">{words.choose}</option>
          {first.length > 0 && <optgroup label={words.likelyNeighboursMirrorImage}>{first.map(option)}</optgroup>}
          <optgroup label={words.otherCavities}>{rest.map(option)}</optgroup>
        </NativeSelect>
        {swapped !== undefined && (
          <p className={clsx(noteCss.note, noteCss.attend)}>
            {words.thenIsInLook(swapped, state.plan.quantity, task.end, task.cavity)}
          </p>
        )}
        <Button variant="filled" type="submit" disabled={busy || found === ''}>
          <span>{swapped === undefined ? words.reportItThere : words.reportBoth}</span>{' '}
          <Kbd aria-hidden="true">Enter</Kbd>
        </Button>
      </form>
      <p className={clsx(textCss.small, textCss.dim)}>
        {words.orPointAtIt} {words.itIsWrittenDown}
      </p>
      <Button onClick={back}>
        <span>{task.done ? words.itIsWhereIt : words.itIsNotIn}</span> <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
    </>
  )
}
