'use client'
import { plausible } from '@/core/base/units/plausible'
import { bareUnit } from '@/words/benchUnits'
import { understoodAs } from '@/words/quantity'
import { trialPaneWords as texts } from '@/words/screens/prep/trialPane'
import { Button, Kbd, TextInput } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { type Dispatch, useState } from 'react'
import type { StripForm, StripMove } from '@/core/craft/strip/stripForm'
import type { Sighting, TrialAnswer, WhatIsWrong } from '@/core/craft/strip/trialAnswer'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { answerWords, asksWords, nextWords, questionWords, sightingWords } from '@/words/strip'
import type { StripTrial } from '@/core/work/prep/stripTrial'
import styles from './TrialPane.module.css'
import clsx from 'clsx'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'

/** Whether the strip or the depth is wrong, in the order in which it is asked, and the keys behind those of what is seen. */
const WRONG: readonly WhatIsWrong[] = ['length', 'depth']
const ASKED_FROM = 7

/** What is seen when the wire is tried in its contact: what to do in mm, whether the slack allows it, what to set for the next. */
export function TrialPane({
  setup,
  nominalMm,
  trial: { kinds, kind, answer, slackMm },
  form: { seen, seenText, wrong },
  dispatch,
  onDo,
}: {
  readonly setup: string
  /** the middle of the strip's window */
  readonly nominalMm: number
  readonly trial: StripTrial
  readonly form: StripForm
  readonly dispatch: Dispatch<StripMove>
  readonly onDo: (answer: TrialAnswer) => void
}) {
  const { append } = useJob()
  const busy = useBusy()
  // once it is written, the next stop would start from what was just set: one for a sighting
  const [cured, setCured] = useState<number>()
  const next = answer?.next
  const stop = next?.kind === 'strip-stop' ? next : undefined
  const close = () => dispatch({ kind: 'trial-left' })
  const see = (sighting: Sighting) => {
    dispatch({ kind: 'seen', sighting })
    setCured(undefined)
  }
  const setStop = async () => {
    if (
      stop &&
      (await append({
        kind: 'setup-adjusted',
        setup,
        part: 'strip-stop',
        toMm: stop.toMm,
        nominalMm,
        why: seen ?? 'seen',
      }))
    )
      setCured(stop.toMm)
  }
  const act = () => {
    if (answer?.slack === 'enough' && answer.do !== 'measure') onDo(answer)
  }
  const question = kind?.question
  const asked = question === undefined ? [] : WRONG
  useKeys([
    { key: 'Escape', words: texts.nothingToSay, run: close },
    { key: ' ', words: texts.doWhatItSays, run: () => act() },
    ...(stop
      ? [
          {
            key: 'c',
            words: texts.setItOtherwiseFor,
            run: () => void (!busy && cured === undefined && setStop()),
          },
        ]
      : []),
    ...(kinds ?? []).map((one, i) => ({
      key: String(i + 1),
      words: i === 0 ? texts.whatIsSeenTo : '',
      run: () => see(one.id),
    })),
    ...asked.map((one, i) => ({
      key: String(ASKED_FROM + i),
      words: i === 0 ? texts.answerQuestion : '',
      run: () => dispatch({ kind: 'asked', wrong: one }),
    })),
  ])
  if (!kinds) return <p className={clsx(noteCss.note, noteCss.attend)}>{texts.thisContactsSheetGives}</p>
  return (
    <>
      <h2 className={textCss.cardTitle}>{texts.whatDoYouSee}</h2>
      <div className={paneCss.choices} role="group" aria-label={texts.whatIsSeen}>
        {kinds.map((one, i) => (
          <Choice key={one.id} aria-pressed={one.id === seen} onClick={() => see(one.id)}>
            <Kbd aria-hidden="true">{i + 1}</Kbd>
            <span>{sightingWords[one.id]}</span>
            <span />
          </Choice>
        ))}
      </div>
      {question !== undefined && (
        <>
          <b>{questionWords[question].ask}</b>
          <div className={paneCss.choices} role="group" aria-label={questionWords[question].ask}>
            {WRONG.map((one, i) => (
              <Choice key={one} aria-pressed={wrong === one} onClick={() => dispatch({ kind: 'asked', wrong: one })}>
                <Kbd aria-hidden="true">{ASKED_FROM + i}</Kbd>
                <span>{questionWords[question][one]}</span>
                <span />
              </Choice>
            ))}
          </div>
        </>
      )}
      {kind?.asks && (
        <TextInput
          label={asksWords[kind.asks]()}
          description={
            kind.asks === 'strands'
              ? undefined
              : understoodAs(seenText, 'length', { plausible: plausible.stripMm, unit: bareUnit('length') })
          }
          value={seenText}
          inputMode="decimal"
          placeholder={kind.asks === 'strands' ? '1' : texts.asMeasuredOrLeave}
          onChange={(event) => dispatch({ kind: 'seen-written', text: event.target.value, unit: bareUnit('length') })}
        />
      )}
      {answer && (
        <>
          <TrialSays answer={answer} slackMm={slackMm} cured={cured} />
          {cured !== undefined ? (
            <Button disabled>{texts.writtenStopAt(cured)}</Button>
          ) : (
            stop && (
              <Button disabled={busy} onClick={() => void setStop()}>
                <span>{texts.stopTo(stop.toMm)}</span> <Kbd aria-hidden="true">C</Kbd>
              </Button>
            )
          )}
          <Button
            variant="filled"
            disabled={busy || answer.slack === 'short' || answer.do === 'measure'}
            onClick={() => act()}
          >
            <span>{answer.do === 'go-on' ? texts.goOn : texts.doneSo}</span> <Kbd aria-hidden="true">Space</Kbd>
          </Button>
        </>
      )}
      <Button onClick={close}>
        <span>{texts.back}</span> <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
    </>
  )
}

/** What to do with this wire, what it costs, and what to set for the next. */
function TrialSays({
  answer,
  slackMm,
  cured,
}: {
  readonly answer: TrialAnswer
  readonly slackMm: number
  readonly cured: number | undefined
}) {
  const { next } = answer
  const stop = next?.kind === 'strip-stop' ? next : undefined
  return (
    <div
      className={clsx(
        noteCss.note,
        answer.slack === 'short' ? noteCss.fault : answer.do === 'go-on' ? noteCss.good : noteCss.attend,
      )}
      role="status"
    >
      <b className={styles.large}>{answerWords(answer)}</b>
      {answer.costMm > 0 && (
        <div>
          {texts.costs(
            answer.costMm,
            answer.slack === 'short' ? texts.slackDoesNotAllow : texts.ofSlackStay(slackMm - answer.costMm),
          )}
        </div>
      )}
      {next && <div>{texts.forNext(nextWords(cured !== undefined && stop ? { ...stop, toMm: cured } : next))}</div>}
    </div>
  )
}
