import { Button, NativeSelect } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import { contactKind } from '@/core/record/standing/contactKind'
import { termState } from '@/core/record/state/state'
import type { Termination } from '@/core/record/plan/plan'
import { useAction } from '@/ui/action/useAction'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { cameKitWords as words } from '@/words/screens/kit/cameKit'
import { nameCame } from './actions'
import { useKitOptions } from './useKitOptions'

/** A termination that came crimped: no tool is asked for it. Which contact it is, is asked once an end. */
export function CameKit({ termination }: { readonly termination: Termination }) {
  const { state } = useJob()
  const { busy, write } = useAction()
  const { wire, side, key, at } = termination
  const { options } = useKitOptions(wire.id, side)
  const [picked, setPicked] = useState('')
  const now = termState(state, key)
  const end = now.seat?.end ?? (at.kind === 'cavity' ? at.end : undefined)
  const known = now.crimp?.contact === undefined ? undefined : contactKind(state, key)
  const came = options?.came ?? []
  const choice = picked === '' ? (now.crimp?.contact ?? '') : picked
  return (
    <>
      <div className={paneCss.work}>
        <p className={clsx(noteCss.note, noteCss.good)}>{words.stays}</p>
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.title}>
        <WireChips wire={wire} side={side} />
        <h2 className={textCss.cardTitle}>{known ? known.name : words.unknown}</h2>
        {end !== undefined && (
          <>
            <NativeSelect label={words.which(end)} value={choice} onChange={(event) => setPicked(event.target.value)}>
              <option value="">{words.notSaid}</option>
              {came.map(({ id, name, plating }) => (
                <option key={id} value={id}>
                  {words.contact(id, name, plating)}
                </option>
              ))}
            </NativeSelect>
            <Button
              variant="filled"
              disabled={busy || choice === '' || choice === now.crimp?.contact}
              onClick={() => void write((asking) => nameCame({ ...asking, end, contact: choice }))}
            >
              <span>{words.itCameWith}</span>
            </Button>
          </>
        )}
        <p className={clsx(textCss.small, textCss.dim)}>{words.why}</p>
      </aside>
    </>
  )
}
