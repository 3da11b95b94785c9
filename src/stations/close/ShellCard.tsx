import { Button, NativeSelect, TextInput } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import { type Securing, securings } from '@/core/parts/catalogue/securings'
import { BLOCK_SHARE, isHeldToBlock } from '@/core/craft/torque/blockCheck'
import { endKey } from '@/core/record/plan/keys'
import { useClock } from '@/ui/frame/Clock'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import noteCss from '@/ui/note/note.module.css'
import { typedFigure as read } from '@/ui/form/typedFigure'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import type { ShellTask } from '@/core/work/close/closeTasks'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import { securingSign, securingWords } from '@/words/securing'
import { figure } from '@/words/figures'
import { shellCardWords as words } from '@/words/screens/close/shellCard'

const asSecuring = (text: string): Securing => securings.find((one) => one === text) ?? 'backshell'

/** A round shell made fast: what, with which tool, held to its block before, and set to what the sheet asks. */
export function ShellCard({
  unit,
  end,
  task,
  done: follow,
}: {
  readonly unit: number
  readonly end: string
  /** what the sheet of its housing asks */
  readonly task: ShellTask | undefined
  readonly done: () => void
}) {
  const { state, append } = useJob()
  const clock = useClock()
  const busy = useBusy()
  const due = task?.lines.find(({ found }) => !found)
  const [picked, setWhat] = useState<Securing>()
  const what = picked ?? due?.what ?? 'backshell'
  const sheet = task?.lines.find((line) => line.what === what)?.asked
  const [tool, setTool] = useState('')
  const [typed, setAsked] = useState<string>()
  const askedText = typed ?? (sheet === undefined ? '' : figure(sheet, 2))
  const [setText, setSet] = useState('')
  const [blockText, setBlock] = useState('')
  const unitSign = securingSign(what)
  const [asked, set, block] = [read(askedText), read(setText), read(blockText)]
  const isOff = set !== undefined && block !== undefined && !isHeldToBlock(set, block)
  const isOther = asked !== undefined && set !== undefined && !isHeldToBlock(asked, set)
  const done = state.ends.get(endKey(unit, end))?.secured ?? []
  return (
    <>
      <h2 className={textCss.cardTitle}>{words.shellOf(end)}</h2>
      {done.map((one) => (
        <p key={one.what} className={textCss.good}>
          ✓ {securingWords[one.what].name}: {figure(one.set, 2)} {securingSign(one.what)},{' '}
          {words.withTool(one.tool, figure(one.blockBefore, 2), clock.timeOfDay(one.at))}
        </p>
      ))}
      {due && sheet !== undefined && (
        <Readouts>
          <Readout
            label={securingWords[what].name}
            value={figure(sheet, 2)}
            unit={unitSign}
            also={words.asItsSheetSays}
            wide
          />
        </Readouts>
      )}
      <form
        className={paneCss.choices}
        onSubmit={(event) => {
          event.preventDefault()
          if (set === undefined || block === undefined || tool.trim() === '' || isOff || isOther || busy) return
          void append({
            kind: 'shell-secured',
            unit,
            end,
            what,
            tool: tool.trim(),
            set,
            blockBefore: block,
            ...(asked !== undefined && { asked }),
          }).then((written) => {
            if (!written) return
            setWhat(undefined)
            setAsked(undefined)
            setSet('')
            setBlock('')
            if (task && task.lines.filter(({ found }) => !found).length <= 1) follow()
          })
        }}
      >
        <NativeSelect
          label={words.what}
          value={what}
          onChange={(event) => {
            setWhat(asSecuring(event.target.value))
            setAsked(undefined)
          }}
          data={securings.map((value) => ({ value, label: securingWords[value].name }))}
        />
        <TextInput label={words.tool} value={tool} onChange={(event) => setTool(event.target.value)} />
        <TextInput
          label={words.asked(unitSign)}
          description={words.bySheet}
          value={askedText}
          inputMode="decimal"
          onChange={(event) => setAsked(event.target.value)}
          error={askedText !== '' && asked === undefined}
        />
        <div className={paneCss.fieldRow}>
          <TextInput
            label={words.set(unitSign)}
            value={setText}
            inputMode="decimal"
            onChange={(event) => setSet(event.target.value)}
            error={(setText !== '' && set === undefined) || isOther}
          />
          <TextInput
            label={words.blockShows(unitSign)}
            value={blockText}
            inputMode="decimal"
            onChange={(event) => setBlock(event.target.value)}
            error={(blockText !== '' && block === undefined) || isOff}
          />
        </div>
        {(isOff || isOther) && (
          <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
            ▲ {isOff ? words.blockOff(BLOCK_SHARE * 100) : words.otherThanAsked(BLOCK_SHARE * 100)}
          </p>
        )}
        <Button
          type="submit"
          variant="filled"
          disabled={busy || set === undefined || block === undefined || tool.trim() === '' || isOff || isOther}
        >
          <span>{words.isFast(securingWords[what].name)}</span>
        </Button>
      </form>
      <p className={paneCss.sources}>{words.secondPiece}</p>
    </>
  )
}
