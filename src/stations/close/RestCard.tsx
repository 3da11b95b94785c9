import { Button, TextInput } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import { BLOCK_SHARE, isHeldToBlock } from '@/core/craft/torque/blockCheck'
import type { RestTask } from '@/core/work/close/closeTasks'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import noteCss from '@/ui/note/note.module.css'
import { typedFigure as read } from '@/ui/form/typedFigure'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { shellCardWords as words } from '@/words/screens/close/shellCard'

/** A torque tool held to its block after the work, and set to rest. */
export function RestCard({ task: { tool, now }, done }: { readonly task: RestTask; readonly done: () => void }) {
  const { append } = useJob()
  const busy = useBusy()
  const [setText, setSet] = useState('')
  const [blockText, setBlock] = useState('')
  const [set, block] = [read(setText), read(blockText)]
  const isOff = set !== undefined && block !== undefined && !isHeldToBlock(set, block)
  return (
    <form
      className={paneCss.choices}
      onSubmit={(event) => {
        event.preventDefault()
        if (set !== undefined && block !== undefined && !busy)
          void append({ kind: 'torque-rested', tool, set, blockAfter: block }).then((written) => written && done())
      }}
    >
      <h2 className={clsx(textCss.cardTitle, now.rested && textCss.good)}>{words.rest(tool)}</h2>
      <p>{words.restHow}</p>
      <div className={paneCss.fieldRow}>
        <TextInput label={words.wasSet} value={setText} inputMode="decimal" onChange={(e) => setSet(e.target.value)} />
        <TextInput
          label={words.blockAfter}
          value={blockText}
          inputMode="decimal"
          onChange={(e) => setBlock(e.target.value)}
        />
      </div>
      {(isOff || now.rested?.held === false) && (
        <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
          ▲ {words.offAfter(BLOCK_SHARE * 100)}
        </p>
      )}
      <Button type="submit" variant="filled" disabled={busy || set === undefined || block === undefined}>
        <span>{words.isAtRest}</span>
      </Button>
    </form>
  )
}
