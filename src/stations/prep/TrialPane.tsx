'use client'
import clsx from 'clsx'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { Button, Kbd, TextInput } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { useState } from 'react'
import { constructionOf } from '@/core/parts/catalogue/constructions'
import type { Contact } from '@/core/parts/catalogue/types'
import { slackOf } from '@/core/record/standing/slack'
import type { Termination } from '@/core/record/plan/plan'
import { gapRange } from '@/core/parts/rules/houseRules'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { setupId } from '@/core/craft/setup/setup'
import { sightings, trialAnswer, type EdgePlace, type Sighting, type TrialAnswer } from '@/core/craft/strip/trialAnswer'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { mm } from '@/words/figures'
import { answerWords, asksWords, nextWords, sightingWords } from '@/words/strip'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'

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
  const { state, append, busy } = useJob()
  const [text, setText] = useState('')
  const [edge, setEdge] = useState<EdgePlace>('in-window')
  // once it is written, the next stop would start from what was just set: one for a sighting
  const [cured, setCured] = useState<number>()
  const rules = rulesOf(state)
  const contact = state.facts.contacts[set.contact] as Contact | undefined
  const type = state.facts.wireTypes[termination.wire.type]
  const shape =
    contact &&
    constructionOf(contact).stripShape(contact, {
      gap: gapRange(rules, termination.wire.insulationMm ?? type?.insulationMm ?? 1),
      brush: rules.brush,
    })
  const slack = slackOf(state, termination.unit, termination.wire, termination.side)
  const id = setupId(set.setup)
  const kinds = shape ? sightings[shape.kind] : []
  const kind = kinds.find((one) => one.id === seen)
  const read = kind?.asks === 'strands' ? undefined : parseQuantity(text, 'length')
  const strands = kind?.asks === 'strands' && /^\d{1,3}$/.test(text.trim()) ? Number(text) : undefined
  const answer =
    shape &&
    seen &&
    trialAnswer({
      shape,
      window: set.strip,
      stripMm,
      sees: seen,
      edge,
      strandsLost: strands,
      strandAllowance: rules.strandAllowance,
      slackMm: slack?.leftMm ?? 0,
      tryMm: slack?.tryMm ?? 0,
      stopMm: set.strip.nominalMm + (state.adjustments.get(id)?.stripOffMm ?? 0),
      hasWireStop: set.setup.wireStopMm !== undefined,
      ...(read?.ok && { seenMm: read.value }),
    })
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
    { key: 'Escape', words: 'Nothing to say', run: close },
    { key: ' ', words: 'Do what it says', run: () => act() },
    ...(stop
      ? [
          {
            key: 'c',
            words: 'Set it otherwise for the next',
            run: () => void (!busy && cured === undefined && setStop()),
          },
        ]
      : []),
    ...kinds.map((one, i) => ({
      key: String(i + 1),
      words: i === 0 ? 'What is seen (1 to 9)' : '',
      run: () => {
        onSee(one.id)
        setCured(undefined)
      },
    })),
  ])
  if (!shape)
    return (
      <p className={clsx(noteCss.note, noteCss.attend)}>
        This contact’s sheet gives no dimensions: try it, and cut back when it is wrong.
      </p>
    )
  return (
    <>
      <h2 className={textCss.cardTitle}>What do you see?</h2>
      <div className={paneCss.choices} role="group" aria-label="What is seen">
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
        <div className={paneCss.choices} role="group" aria-label="Where the insulation ends">
          {(
            [
              ['in-window', 'its edge lies between the wings: stripped too long'],
              ['under-conductor-wings', 'it lies under the conductor wings: pushed too deep'],
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
          placeholder={kind.asks === 'strands' ? '1' : 'as measured, or leave it'}
          onChange={(event) => setText(event.target.value)}
        />
      )}
      {answer && (
        <>
          <div
            className={clsx(
              noteCss.note,
              answer.slack === 'short' ? noteCss.fault : answer.do === 'go-on' ? noteCss.good : noteCss.attend,
            )}
            role="status"
          >
            <b style={{ fontSize: 19 }}>{answerWords(answer)}</b>
            {answer.costMm > 0 && (
              <div>
                Costs {mm(answer.costMm, 1)};{' '}
                {answer.slack === 'short'
                  ? 'the slack does not allow it: cut a new wire'
                  : `${mm((slack?.leftMm ?? 0) - answer.costMm, 0)} of slack stay`}
                .
              </div>
            )}
            {next && (
              <div>For the next: {nextWords(cured !== undefined && stop ? { ...stop, toMm: cured } : next)}.</div>
            )}
          </div>
          {stop && (
            <Button disabled={busy || cured !== undefined} onClick={() => void setStop()}>
              <span>{cured !== undefined ? `✓ Written: stop at ${mm(cured, 1)}` : `Stop to ${mm(stop.toMm, 1)}`}</span>{' '}
              <Kbd aria-hidden="true">C</Kbd>
            </Button>
          )}
          <Button
            variant="filled"
            disabled={busy || answer.slack === 'short' || answer.do === 'measure'}
            onClick={() => act()}
          >
            <span>{answer.do === 'go-on' ? 'Go on' : 'Done so'}</span> <Kbd aria-hidden="true">Space</Kbd>
          </Button>
        </>
      )}
      <Button onClick={close}>
        <span>Back</span> <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
    </>
  )
}
