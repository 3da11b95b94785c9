import { Button, Checkbox, Collapse } from '@mantine/core'
import clsx from 'clsx'
import { useRef, useState } from 'react'
import { type HiddenKind, type HiddenShown, practise } from '@/ui/device/analyserClient'
import { useJob } from '@/ui/job/JobProvider'
import { termLabel } from '@/core/record/plan/keys'
import textCss from '@/ui/text/text.module.css'
import { hiddenFaultWords } from '@/words/moving'
import { practiceWords as words } from '@/words/screens/prove/practice'
import styles from './AnalyserView.module.css'

const kinds = Object.keys(hiddenFaultWords) as HiddenKind[]

/** Faults hidden in the stand-in, to be found: nothing of it is in the record. */
export function Practice({ unit }: { readonly unit: number }) {
  const { id } = useJob()
  const [open, setOpen] = useState(false)
  const [hide, setHide] = useState<string[]>(['swap'])
  const [said, setSaid] = useState<{ readonly hidden: number; readonly faults?: readonly HiddenShown[] }>()
  const asked = useRef(0)
  const ask = async (more: { hide?: HiddenKind[]; reveal?: true }) => {
    const turn = ++asked.current
    const answer = await practise({ job: id, unit, ...more })
    // what was asked before tells no more how it is now, however late its answer comes
    if (turn === asked.current) setSaid(answer)
  }
  return (
    <div className={styles.practice}>
      <Button
        variant="subtle"
        aria-expanded={open}
        onClick={() => {
          setOpen(!open)
          if (!open) void ask({})
        }}
      >
        <span>{words.practice}</span>
      </Button>
      <Collapse expanded={open}>
        <Checkbox.Group label={words.hideInStandIn} value={hide} onChange={setHide}>
          {kinds.map((kind) => (
            <Checkbox key={kind} value={kind} label={hiddenFaultWords[kind]} />
          ))}
        </Checkbox.Group>
        <div className={styles.practice}>
          <Button
            onClick={(event) => {
              event.currentTarget.blur()
              void ask({ hide: hide as HiddenKind[] })
            }}
          >
            <span>{words.hideThem(hide.length)}</span>
          </Button>
          <Button
            onClick={(event) => {
              event.currentTarget.blur()
              void ask({ reveal: true })
            }}
          >
            <span>{words.tellThem}</span>
          </Button>
        </div>
        {said && (
          <p className={clsx(textCss.small, textCss.dim)} role="status">
            {words.hidden(said.hidden)}
            {said.faults?.map((fault) => (
              <span key={JSON.stringify(fault)} className={textCss.block}>
                {hiddenFaultWords[fault.kind]}:{' '}
                {(fault.terms ?? [fault.term ?? '']).map((term) => termLabel(term)).join(', ')}
              </span>
            ))}
          </p>
        )}
      </Collapse>
    </div>
  )
}
