'use client'
import { Button, Kbd, NativeSelect } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { useState } from 'react'
import { rankCauses } from '@/core/craft/crimp/causes'
import { type DefectCode, decide, looks as lookTable } from '@/core/craft/crimp/looks'
import { savesFrom } from '@/core/craft/crimp/practices'
import { partOfCause } from '@/core/craft/crimp/setupPart'
import type { QueueGroup, QueueItem } from '@/core/views/queue'
import { slackOf } from '@/core/record/standing/slack'
import { termState } from '@/core/record/state/state'
import { rulesOf } from '@/core/record/rules/rulesOf'
import type { Said } from '@/ui/job/journalClient'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { causeWords, cureWords, defectWords, lookWords } from '@/words/crimp'
import { mm, plural } from '@/words/figures'
import { practiceWords } from '@/words/practices'
import { type MeasuredHeight, type Reported, looksFor } from './looksFor'
import { rootCure } from './rootCure'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'
import type { PracticeId } from '@/core/parts/catalogue/practiceIds'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import styles from './FaultReport.module.css'
import cardCss from '@/ui/card/card.module.css'

/** A strip that is a little short before the stroke is stripped on, not thrown away. */
const BITE_MM = 0.4

/** What is wrong, why it most likely is, what becomes of the piece, and what is set otherwise for the next. */
export function FaultReport({
  item,
  group,
  fault,
  measured,
  setFault,
  done,
  save,
}: {
  readonly item: QueueItem
  readonly group: QueueGroup
  readonly fault: Reported
  /** measured while it was looked at: it stands with the decision */
  readonly measured: MeasuredHeight | undefined
  readonly setFault: (fault?: Reported) => void
  readonly done: () => void
  readonly save: (practice: PracticeId) => void
}) {
  const { state, append, busy } = useJob()
  const { key, unit, wire, side } = item.termination
  // the cure is written with the decision: by itself it would end the release while the piece is still undecided
  const [withCure, setWithCure] = useState<DefectCode>()
  const wanted = looksFor(state, item).filter((look) => item.stage !== 'crimped' || lookTable[look].when === 'after')
  const choices: readonly DefectCode[] = lookTable[fault.look].faults
  const { defect, look } = fault
  const found = defect && decide(defect, look)
  const now = termState(state, key)
  const { stripped } = now
  const heightMm = measured?.heightMm ?? now.crimp?.heightMm
  const causes = defect
    ? rankCauses(defect, {
        setup: item.set.setup,
        strip: stripped && { stripMm: stripped.stripMm, window: item.set.strip },
        height: heightMm === undefined || !item.set.height ? undefined : { heightMm, ...item.set.height },
      })
    : []
  // the likeliest cause that is a matter of how something is set
  const settable = causes.find((one) => one.evidence !== 'against' && partOfCause[one.cause] !== undefined)
  const cure = settable && defect && rootCure(state, item, group, settable.cause, defect)
  const contact = state.facts.contacts[item.set.contact]
  const saves =
    defect && contact && lookTable[look].when === 'after' ? savesFrom(defect, contact.construction, rulesOf(state)) : []
  const canMend =
    found?.decision === 'redo' &&
    found.strip === 'short' &&
    stripped !== undefined &&
    stripped.stripMm + BITE_MM <= item.set.strip.maxMm + 0.005
  const slack = slackOf(state, unit, wire, side)
  const usedMm = slack?.tryMm ?? Math.ceil(item.set.strip.nominalMm + 3)
  const tooShort = slack !== undefined && slack.leftMm + 1e-9 < usedMm
  const otherSeated = termState(state, `${String(unit)}/${wire.id}/${side === 'a' ? 'b' : 'a'}`).seat !== undefined
  const write = async () => {
    if (!found) return
    const rejected: Said = {
      kind: 'crimp-rejected',
      term: key,
      look,
      defect: found.id,
      decision: found.decision,
      usedMm,
      ...measured,
    }
    const gone: readonly Said[] =
      tooShort && !otherSeated
        ? [{ kind: 'wire-scrapped', unit, wire: wire.id, why: `no slack for another try at ${side}` }]
        : []
    const cures: readonly Said[] = cure && withCure === found.id ? [cure.entry] : []
    if (await append(rejected, ...gone, ...cures)) {
      setFault(undefined)
      done()
    }
  }
  const mend = async () => {
    if (await append({ kind: 'strip-mended', term: key, how: 'strip-more', byMm: BITE_MM, why: found?.id ?? 'short' }))
      setFault(undefined)
  }
  const toggleCure = () => setWithCure(withCure === defect ? undefined : defect)
  const at = wanted.indexOf(look)
  useKeys([
    { key: 'Escape', words: 'Back to the looks', run: () => setFault(undefined) },
    { key: ' ', words: 'Write the decision', run: () => void (found && !busy && write()) },
    {
      key: 'x',
      words: 'Faults of the next look',
      run: () => setFault({ look: wanted[(at + 1) % wanted.length] ?? look }),
    },
    ...(cure ? [{ key: 'c', words: 'Set it otherwise for the next', run: toggleCure }] : []),
    ...(saves[0]
      ? [{ key: 's', words: 'Save the piece, as the rules allow', run: () => saves[0] && save(saves[0].id) }]
      : []),
    ...choices.map((choice, i) => ({
      key: String(i + 1),
      words: i === 0 ? 'Name what is seen (1 to 9)' : '',
      run: () => setFault({ look, defect: choice }),
    })),
  ])
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, textCss.fault)}>What is wrong?</h2>
      <NativeSelect
        label="Found at"
        value={look}
        onChange={(event) => setFault({ look: event.target.value as LookCode })}
      >
        {wanted.map((one) => (
          <option key={one} value={one}>
            {lookWords[one].line}
          </option>
        ))}
      </NativeSelect>
      <div className={paneCss.choices} role="group" aria-label="What is seen">
        {choices.map((choice, i) => (
          <Choice key={choice} aria-pressed={choice === defect} onClick={() => setFault({ look, defect: choice })}>
            <Kbd aria-hidden="true">{i + 1}</Kbd>
            <span>{defectWords[choice]}</span>
            <span />
          </Choice>
        ))}
      </div>
      {found && (
        <>
          <div className={clsx(noteCss.note, noteCss.attend)}>
            <b>{found.decision === 'scrap' ? 'The contact goes.' : 'Redo, the contact stays.'}</b> Likely, in this
            order:
            {causes.map((one, i) => (
              <div key={one.cause} className={styles.cause}>
                <span className={textCss.mono}>{i + 1}</span>
                <span className={one.evidence === 'against' ? textCss.dim : undefined}>
                  {causeWords[one.cause]}
                  {one.evidence === 'for'
                    ? ', as measured'
                    : one.evidence === 'against'
                      ? ': what was measured says no'
                      : ''}
                  : {cureWords(one.cure, { ...item.set.setup, stripMm: item.set.strip.nominalMm })}
                </span>
              </div>
            ))}
          </div>
          {cure && (
            <Button aria-pressed={withCure === defect} onClick={toggleCure}>
              <span>{withCure === defect ? `✓ With the decision: ${cure.words}` : cure.words}</span>{' '}
              <Kbd aria-hidden="true">C</Kbd>
            </Button>
          )}
          {canMend && (
            <Button disabled={busy} onClick={() => void mend()}>
              <span>Strip {mm(BITE_MM, 1)} more, try again</span>
            </Button>
          )}
          {saves.map((one, i) => (
            <Button key={one.id} onClick={() => save(one.id)}>
              <span>
                {practiceWords[one.id].act}
                <span
                  className={clsx(cardCss.hint, textCss.small, textCss.dim)}
                  style={{ display: 'block', fontWeight: 400 }}
                >
                  {one.allowance(rulesOf(state)) === 'recorded'
                    ? 'allowed here, recorded; then look again'
                    : 'allowed here; then look again'}
                </span>
              </span>
              {i === 0 && <Kbd aria-hidden="true">S</Kbd>}
            </Button>
          ))}
          <Button variant="filled" disabled={busy} onClick={() => void write()}>
            <span>
              {tooShort && !otherSeated
                ? 'Scrap contact and wire'
                : found.decision === 'scrap'
                  ? 'Scrap contact'
                  : 'Cut back and redo'}
            </span>{' '}
            <Kbd aria-hidden="true">Space</Kbd>
          </Button>
          <p className={clsx(textCss.small, textCss.dim)}>
            Costs <b className={textCss.mono}>{usedMm} mm</b> of wire here
            {item.set.seal !== undefined && found.decision === 'scrap' ? ' and its seal' : ''}.{' '}
            {slack && `${plural(slack.triesLeft, 'try', 'tries')} left on this wire.`} A crimp is never crimped again to
            save it{saves.length > 0 ? ', but for what these rules allow' : ''}.
          </p>
          {tooShort && (
            <p className={clsx(noteCss.note, noteCss.fault)}>
              ▲{' '}
              {otherSeated
                ? 'No slack is left and the other end is seated: take it out at Seat, then cut the wire anew.'
                : 'No slack is left for another try: the whole wire goes, and a new one is cut.'}
            </p>
          )}
        </>
      )}
      <Button onClick={() => setFault(undefined)}>
        <span>Nothing is wrong</span> <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
    </>
  )
}
