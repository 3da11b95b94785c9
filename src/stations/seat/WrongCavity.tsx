'use client'

import paneCss from '@/ui/pane/pane.module.css'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button, Kbd, NativeSelect } from '@mantine/core'
import { useState } from 'react'
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
  back,
  done,
}: {
  readonly task: TaskOf<'insert'>
  readonly housing: Housing
  readonly back: () => void
  /** a pair the other way round goes by the move plan, without `found` */ readonly done: (found?: string) => void
}) {
  const { state } = useJob()
  const [found, setFound] = useState('')
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
  useKeys([{ key: 'Escape', words: 'Back to the task', run: back }])
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, textCss.fault)}>Which cavity is it in?</h2>
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
          label={`${termName(task.term, state.plan.quantity)} is in`}
          autoFocus
          value={found}
          onChange={(event) => setFound(event.target.value)}
        >
          <option value="">choose</option>
          {first.length > 0 && <optgroup label="Likely: neighbours, mirror image">{first.map(option)}</optgroup>}
          <optgroup label="Other cavities">{rest.map(option)}</optgroup>
        </NativeSelect>
        {swapped !== undefined && (
          <p className={clsx(noteCss.note, noteCss.attend)}>
            ◆ Then {termName(swapped, state.plan.quantity)} is in {task.end}.{task.cavity}: look first. Both are written
            down as they are.
          </p>
        )}
        <Button variant="filled" type="submit" disabled={busy || found === ''}>
          <span>{swapped === undefined ? 'Report it there' : 'Report both'}</span> <Kbd aria-hidden="true">Enter</Kbd>
        </Button>
      </form>
      <p className={clsx(textCss.small, textCss.dim)}>
        It is written down, then taken out the right way and put where it belongs.
      </p>
      <Button onClick={back}>
        <span>{task.done ? 'It is where it should be' : 'It is not in yet'}</span> <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
    </>
  )
}
