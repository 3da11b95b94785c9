'use client'
import { trialPaneWords as texts } from '@/words/screens/prep/trialPane'
import { Button, Kbd, TextInput } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { useState } from 'react'
import type { Termination } from '@/core/record/plan/plan'
import { setupId } from '@/core/craft/setup/setup'
import type { EdgePlace, Sighting, TrialAnswer } from '@/core/craft/strip/trialAnswer'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { answerWords, asksWords, nextWords, sightingWords } from '@/words/strip'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import { stripTrial } from '@/core/work/prep/stripTrial'
import styles from './TrialPane.module.css'
import clsx from 'clsx'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'

/** What is seen when the wire is tried in its contact: what to do in mm, whether the slack allows it, what to set for the next. */
export function TrialPane({
  termination,
  set,
  stripMm,
  seen,
  onSee,
  onDo,
  close,
}: {
  readonly termination: Termination
  readonly set: ChosenSet
  /** as measured so far */
  readonly stripMm: number
  readonly seen: Sighting | undefined
  readonly onSee: (seen: Sighting | undefined) => void
  readonly onDo: (answer: TrialAnswer) => void
  readonly close: () => void
}) {
  const { state, append } = useJob()
  const busy = useBusy()
  const [text, setText] = useState('')
  const [edge, setEdge] = useState<EdgePlace>('in-window')
  // once it is written, the next stop would start from what was just set: one for a sighting
  const [cured, setCured] = useState<number>()
  const id = setupId(set.setup)
  const { kinds, kind, answer, slackMm } = stripTrial(state, termination, set, { stripMm, sees: seen, edge, text })
  const next = answer?.next
  const stop = next?.kind === 'strip-stop' ? next : undefined
  const setStop = async () => {
    if (
      stop &&
      (await append({
        kind: 'setup-adjusted',
        setup: id,
        part: 'strip-stop',
        toMm: stop.toMm,
        nominalMm: set.strip.nominalMm,
        why: seen ?? 'seen',
      }))
    )
      setCured(stop.toMm)
  }
  const act = () => {
    if (answer?.slack === 'enough' && answer.do !== 'measure') onDo(answer)
  }
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
      run: () => {
        onSee(one.id)
        setCured(undefined)
      },
    })),
  ])
  if (!kinds) return <p className={clsx(noteCss.note, noteCss.attend)}>{texts.thisContactsSheetGives}</p>
  return (
    <>
      <h2 className={textCss.cardTitle}>{texts.whatDoYouSee}</h2>
      <div className={paneCss.choices} role="group" aria-label={texts.whatIsSeen}>
        {kinds.map((one, i) => (
          <Choice
            key={one.id}
            aria-pressed={one.id === seen}
            onClick={() => {
              onSee(one.id)
              setCured(undefined)
            }}
          >
            <Kbd aria-hidden="true">{i + 1}</Kbd>
            <span>{sightingWords[one.id]}</span>
            <span />
          </Choice>
        ))}
      </div>
      {kind?.asksEdge && (
        <div className={paneCss.choices} role="group" aria-label={texts.whereInsulationEnds}>
          {(
            [
              ['in-window', texts.itsEdgeLiesBetween],
              ['under-conductor-wings', texts.itLiesUnderConductor],
            ] as const
          ).map(([place, words]) => (
            <Choice key={place} aria-pressed={edge === place} onClick={() => setEdge(place)}>
              <span />
              <span>{words}</span>
              <span />
            </Choice>
          ))}
        </div>
      )}
      {kind?.asks && (
        <TextInput
          label={asksWords[kind.asks]}
          value={text}
          inputMode="decimal"
          placeholder={kind.asks === 'strands' ? '1' : texts.asMeasuredOrLeave}
          onChange={(event) => setText(event.target.value)}
        />
      )}
      {answer && (
        <>
          <TrialSays answer={answer} slackMm={slackMm} cured={cured} />
          {stop && (
            <Button disabled={busy || cured !== undefined} onClick={() => void setStop()}>
              <span>{cured !== undefined ? texts.writtenStopAt(cured) : texts.stopTo(stop.toMm)}</span>{' '}
              <Kbd aria-hidden="true">C</Kbd>
            </Button>
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
