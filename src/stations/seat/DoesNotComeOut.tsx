import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import type { ReleaseMechanism } from '@/core/parts/catalogue/releaseMechanisms'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { stuckWords } from '@/words/release'
import { releaseTaskWords as words } from '@/words/screens/seat/releaseTask'
import { Harms } from './ReleaseNotes'

/** It does not come out: what holds it still, in the order in which a hand looks; after the last one stops, before something breaks. */
export function DoesNotComeOut({
  mechanism,
  hasLock,
  item,
  back,
  broken,
}: {
  readonly mechanism: ReleaseMechanism
  readonly hasLock: boolean
  /** whose ticks they are */
  readonly item: string
  /** it comes now */
  readonly back: () => void
  /** the end is given up */
  readonly broken: () => void
}) {
  const [stopped, setStopped] = useState(false)
  const lines = mechanism.stuck
    .filter((check) => check !== 'lock-shut' || hasLock)
    .map((check) => {
      const { line, hint, seen } = stuckWords[check]
      return { id: check, words: line, hint, seen }
    })
  const checks = useChecks(`${item} stuck`, lines, '')
  const leave = () => {
    checks.clear()
    back()
  }
  useKeys([{ key: 'Escape', words: words.itComesNow, run: leave }])
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, textCss.fault)}>{stopped ? words.stopHere : words.doesNotComeOut}</h2>
      {stopped ? (
        <>
          <p className={clsx(noteCss.note, noteCss.fault)}>{words.stopWhy}</p>
          <Harms harms={mechanism.harms} />
          <Button onClick={broken}>{words.endIsBroken}</Button>
        </>
      ) : (
        <CheckList lines={lines} checks={checks} main={words.stillIn} onMain={() => setStopped(true)} />
      )}
      <Button onClick={leave}>
        <span>{words.itComesNow}</span> <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
    </>
  )
}
