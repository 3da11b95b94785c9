'use client'

import { Button, Checkbox, Kbd, TextInput } from '@mantine/core'
import { useState } from 'react'
import type { Contact } from '@/core/parts/catalogue/types'
import { practicesAt } from '@/core/craft/crimp/practices'
import { cutLengthMm, slackOf } from '@/core/record/standing/slack'
import type { Termination } from '@/core/record/plan/plan'
import { aheadOfRelease } from '@/core/record/standing/prepAhead'
import { threadFirst } from '@/core/record/standing/threadFirst'
import { termState } from '@/core/record/state/state'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { setupId } from '@/core/craft/setup/setup'
import { sightingDefect } from '@/core/craft/strip/sightingDefect'
import { judgeStrip } from '@/core/craft/strip/stripWindow'
import type { Sighting, TrialAnswer } from '@/core/craft/strip/trialAnswer'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { tenth } from '@/core/base/units/tenth'
import { bundleDiameterMm } from '@/core/base/wire/bundle'
import { type CheckLine, CheckList, useChecks } from '@/ui/card/CheckList'
import type { Said } from '@/ui/job/journalClient'
import { useJob } from '@/ui/job/JobProvider'
import { specimenOf } from '@/ui/job/specimenOf'
import { WireChips, sideWords } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import { SpecimenDrawing } from '@/ui/specimen/SpecimenDrawing'
import { useBeside } from '@/ui/later/useBeside'
import { later } from '@/ui/later/later'
import { Swatch } from '@/ui/wire/Swatch'
import { figure, mm, range } from '@/words/figures'
import { stripLimitWords, threadWords } from '@/words/crimp'
import { practiceWords } from '@/words/practices'
import { quantityWords } from '@/words/quantity'
import { termName } from '@/words/steps'
import { SlackLedger } from './SlackLedger'
import { StripScale } from './StripScale'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import { wireKey } from '@/core/record/plan/keys'
import { constructionOf } from '@/core/parts/catalogue/constructions'
import type { PracticeId } from '@/core/parts/catalogue/practiceIds'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'

const loadTrial = () => import('./TrialPane')
const TrialPane = later(loadTrial, (module) => module.TrialPane)
/** The stripper's stop is moved by this much at a time. */
const STOP_STEP_MM = 0.1

/** One termination before its contact: cut, thread, strip, look; and what to do when the strip is not right. */
export function PrepItem({
  termination,
  set,
  done,
}: {
  readonly termination: Termination
  readonly set: ChosenSet
  readonly done: () => void
}) {
  const { state, append, busy } = useJob()
  useBeside(loadTrial)
  const { wire, side, key, unit } = termination
  const now = termState(state, key)
  const type = state.facts.wireTypes[wire.type]
  const contact = state.facts.contacts[set.contact] as Contact | undefined
  const id = setupId(set.setup)
  const stopMm = tenth(set.strip.nominalMm + (state.adjustments.get(id)?.stripOffMm ?? 0))
  const notchMm = state.adjustments.get(id)?.notchMm ?? set.setup.notchMm
  const cut = state.cuts.get(wireKey(unit, wire.id))
  const cutMm = cut?.lengthMm ?? cutLengthMm(state, wire)
  const [text, setText] = useState(figure(set.strip.nominalMm, 1))
  const [lostText, setLost] = useState('0')
  const [trying, setTrying] = useState(false)
  const [seen, setSeen] = useState<Sighting>()
  // wire that tries before this strip have cost, and what was done that the rules want to know
  const [usedMm, setUsed] = useState(0)
  const [chosen, setChosen] = useState<readonly PracticeId[]>(set.foldBack ? ['fold-back'] : [])
  const read = parseQuantity(text, 'length')
  const verdict = read.ok ? judgeStrip(read.value, set.strip) : undefined
  const lost = /^\d{1,3}$/.test(lostText) ? Number(lostText) : undefined
  const rules = rulesOf(state)
  const allowance = rules.strandAllowance
  const thread = threadFirst(state, termination, set)
  const practices = contact
    ? practicesAt('prep', contact.construction, rules).open.filter((one) =>
        one.id === 'fold-back'
          ? set.foldBack === true
          : one.id !== 'lubricant' || set.seal !== undefined || constructionOf(contact).passesMat,
      )
    : []
  const lines: CheckLine[] = [
    ...(cut
      ? []
      : [
          {
            id: 'cut',
            words: (
              <>
                Cut to <b className={textCss.mono}>{figure(cutMm, 0)} mm</b>
              </>
            ),
            hint:
              cutMm > wire.lengthMm
                ? `${figure(wire.lengthMm, 0)} needed, the rest is slack for second tries`
                : undefined,
            seen: 'It is cut',
          },
        ]),
    ...thread.map((item) => ({
      id: item.code,
      words: (
        <>
          {threadWords[item.code]}
          {item.part !== undefined && (
            <>
              {' '}
              <b className={textCss.mono}>{item.part}</b>
            </>
          )}
          {item.backMm !== undefined && (
            <>
              , <b className={textCss.mono}>{mm(item.backMm, 0)}</b>
            </>
          )}
        </>
      ),
      hint: item.code === 'label' ? `says ${wire.id}` : undefined,
      seen: 'It is on',
    })),
    {
      id: 'strip',
      words: (
        <>
          Strip <b className={textCss.mono}>{range(set.strip.minMm, set.strip.maxMm, 1)} mm</b>
        </>
      ),
      hint: 'unsure? a small bite, try it, a little more',
      seen: 'It is stripped',
    },
    ...(set.foldBack
      ? [
          {
            id: 'fold',
            words: 'Fold the bare end back on itself, flat',
            hint: 'recorded with this wire',
            seen: 'It is folded',
          },
        ]
      : []),
    {
      id: 'strands',
      words: 'Strands whole, lay as it was',
      hint: `${allowance === 0 ? 'none may be nicked' : `${String(allowance)} may be lost`}; not twisted, not tinned`,
      seen: 'Strands are whole',
    },
  ]
  const checks = useChecks(key, lines)
  const { ahead, allowed } = aheadOfRelease(state, id)
  const held = allowed !== undefined && ahead >= allowed && !now.stripped
  const write = async () => {
    if (!read.ok || lost === undefined) return
    const first: Said[] = cut ? [] : [{ kind: 'wire-cut', unit, wire: wire.id, lengthMm: cutMm }]
    const stripped: Said = {
      kind: 'stripped',
      term: key,
      stripMm: Math.round(read.value * 100) / 100,
      threaded: thread.map((item) => item.code),
      strandsLost: lost,
      ...(chosen.length > 0 && { practices: [...chosen] }),
      ...(usedMm > 0 && { usedMm }),
    }
    if (await append(...first, stripped)) done()
  }
  const setStop = (toMm: number) =>
    void append({
      kind: 'setup-adjusted',
      setup: id,
      part: 'strip-stop',
      toMm: tenth(toMm),
      nominalMm: set.strip.nominalMm,
      why: 'by-hand',
    })
  const follow = (answer: TrialAnswer) => {
    setTrying(false)
    setSeen(undefined)
    const how =
      answer.do === 'strip-more' || answer.do === 'trim-conductor' || answer.do === 'cut-back' ? answer.do : undefined
    if (!how) return
    if (now.stripped) {
      void append({
        kind: 'strip-mended',
        term: key,
        how,
        byMm: answer.byMm ?? answer.costMm,
        why: seen ?? 'seen',
      }).then((written) => written && how === 'cut-back' && done())
      return
    }
    if (answer.stripMm !== undefined) setText(figure(answer.stripMm, 1))
    if (how === 'cut-back') setLost('0')
    setUsed(usedMm + answer.costMm)
  }
  const canTry = !now.crimp
  useKeys([
    ...(canTry && !trying
      ? [{ key: 'w', words: 'What do you see? Try it in the contact', run: () => setTrying(true) }]
      : []),
    ...(!now.stripped && !trying
      ? [
          { key: '[', words: 'Stripper’s stop 0.1 mm shorter', run: () => setStop(stopMm - STOP_STEP_MM) },
          { key: ']', words: 'Stripper’s stop 0.1 mm longer', run: () => setStop(stopMm + STOP_STEP_MM) },
        ]
      : []),
  ])
  const measured = now.stripped?.stripMm ?? (read.ok ? read.value : undefined)
  const piece = specimenOf(state, wire, set, {
    crimped: false,
    stripMm: measured,
    defect: seen && sightingDefect[seen],
  })
  const slack = slackOf(state, unit, wire, side)
  return (
    <>
      <div className={paneCss.work}>
        <Readouts>
          <Readout
            label="Now"
            value={termName(key, state.plan.quantity)}
            also={
              <>
                <Swatch colour={wire.colour} width={28} /> → {sideWords(wire, side)}
              </>
            }
            wide
          />
          <Readout
            label={cut ? 'Cut, done' : 'Cut'}
            value={figure(cutMm, 0)}
            unit="mm"
            also={type?.name ?? wire.type}
            wide
          />
          <Readout
            label="Strip"
            value={figure(set.strip.nominalMm, 1)}
            unit="mm"
            also={range(set.strip.minMm, set.strip.maxMm, 1)}
          />
          <Readout
            label="Notch"
            value={notchMm === undefined ? '–' : figure(notchMm, 1)}
            unit={notchMm === undefined ? undefined : 'mm'}
            also={type ? `bundle ${figure(bundleDiameterMm(type.strands, type.strandMm), 2)}` : ''}
            change={notchMm !== set.setup.notchMm}
          />
        </Readouts>
        <section
          className={clsx(paneCss.sheet, paneCss.sheetFill)}
          aria-label={seen && seen !== 'fits' ? 'As reported' : 'How it should look'}
        >
          <div className={paneCss.sheetHead}>
            <span>{contact?.name ?? set.contact}, held beside the stripped wire</span>
            <span className={paneCss.caption}>
              {seen && seen !== 'fits' && <span className={textCss.fault}>AS REPORTED ·</span>} SIDE, TO SCALE
            </span>
          </div>
          <div className={paneCss.sheetBody} style={{ padding: 12, overflow: 'hidden' }}>
            {piece && <SpecimenDrawing piece={piece} />}
          </div>
          <StripScale
            window={set.strip}
            stripMm={measured}
            stopMm={stopMm}
            moved={stopMm !== tenth(set.strip.nominalMm)}
          />
        </section>
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label="This termination">
        <WireChips wire={wire} side={side} />
        {trying ? (
          <TrialPane
            termination={termination}
            set={set}
            stripMm={measured ?? set.strip.nominalMm}
            seen={seen}
            onSee={setSeen}
            onDo={follow}
            close={() => {
              setTrying(false)
              setSeen(undefined)
            }}
          />
        ) : now.stripped ? (
          <>
            <h2 className={clsx(textCss.cardTitle, textCss.good)}>✓ Stripped {mm(now.stripped.stripMm)}</h2>
            <p>
              {now.crimp ? 'Crimped already.' : 'Ready for its contact.'} On the wire:{' '}
              {now.stripped.threaded
                .map((code) =>
                  code in threadWords ? threadWords[code as keyof typeof threadWords].split(',')[0] : code,
                )
                .join(', ')
                .toLowerCase()}
              .
            </p>
            {now.stripped.practices && (
              <p className={clsx(noteCss.note, noteCss.caution)}>
                Recorded:{' '}
                {now.stripped.practices
                  .map((one) => (one in practiceWords ? practiceWords[one as PracticeId].name.toLowerCase() : one))
                  .join(', ')}
                .
              </p>
            )}
            {!now.crimp && (
              <>
                <Button onClick={() => setTrying(true)}>
                  <span>What do you see?</span> <Kbd aria-hidden="true">W</Kbd>
                </Button>
                <Button
                  disabled={busy}
                  onClick={() =>
                    void append({
                      kind: 'strip-mended',
                      term: key,
                      how: 'cut-back',
                      byMm: slack?.tryMm ?? Math.ceil(set.strip.nominalMm + 2),
                    }).then((written) => written && done())
                  }
                >
                  <span>Cut back and strip again</span>
                  <span className={clsx(textCss.mono, textCss.small)}>
                    −{slack?.tryMm ?? Math.ceil(set.strip.nominalMm + 2)} mm
                  </span>
                </Button>
              </>
            )}
          </>
        ) : (
          <>
            <h2 className={textCss.cardTitle}>
              {thread.some((item) => item.code !== 'label') ? 'Thread first, then strip' : 'Label, then strip'}
            </h2>
            {held && (
              <p className={clsx(noteCss.note, noteCss.attend)}>
                <b>◆ Wait for the first piece.</b> {ahead} of this setup {ahead === 1 ? 'is' : 'are'} stripped and
                nothing is released. A wrong strip must not be found after the batch.
              </p>
            )}
            <CheckList
              lines={lines}
              checks={checks}
              main="Prepared"
              busy={busy}
              onMain={() => void write()}
              enabled={!held && read.ok && verdict?.kind === 'inside' && lost !== undefined && lost <= allowance}
            />
            <div className={paneCss.fieldRow}>
              <TextInput
                label="Strip as measured"
                value={text}
                inputMode="decimal"
                onChange={(event) => setText(event.target.value)}
                error={verdict?.kind !== 'inside'}
              />
              <TextInput
                label="Strands lost"
                value={lostText}
                inputMode="numeric"
                onChange={(event) => setLost(event.target.value)}
                error={lost === undefined || lost > allowance}
              />
            </div>
            {!read.ok && <p className={clsx(noteCss.note, noteCss.fault)}>▲ {quantityWords(read.fault, 'length')}</p>}
            {verdict && verdict.kind !== 'inside' && (
              <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
                <b>
                  ▲{' '}
                  {verdict.kind === 'short'
                    ? `Strip ${mm(verdict.byMm, 1)} more`
                    : `Trim ${mm(verdict.byMm, 1)} off the conductor`}
                </b>
                : as it is, {stripLimitWords[verdict.code]}.
              </p>
            )}
            {lost !== undefined && lost > allowance && (
              <p className={clsx(noteCss.note, noteCss.fault)}>
                ▲ Cut back and strip again: {allowance === 0 ? 'no strand' : `at most ${String(allowance)}`} may be lost
                under these rules.
              </p>
            )}
            <Button onClick={() => setTrying(true)}>
              <span>Try it: what do you see?</span> <Kbd aria-hidden="true">W</Kbd>
            </Button>
            {practices
              .filter((one) => one.id !== 'fold-back')
              .map((one) => (
                <Checkbox
                  key={one.id}
                  label={
                    <>
                      {practiceWords[one.id].name}
                      {one.allowance(rules) === 'recorded' && ', recorded'}
                    </>
                  }
                  checked={chosen.includes(one.id)}
                  onChange={(event) =>
                    setChosen(event.target.checked ? [...chosen, one.id] : chosen.filter((other) => other !== one.id))
                  }
                />
              ))}
            {usedMm > 0 && (
              <p className={clsx(textCss.small, textCss.attend)}>
                This strip’s tries have cost <b className={textCss.mono}>{mm(usedMm, 1)}</b>: written with it.
              </p>
            )}
          </>
        )}
        <SlackLedger termination={termination} />
        <div className={paneCss.sources}>
          <span>
            Strip:{' '}
            {set.stripFrom === 'sheet'
              ? 'the sheet’s own length'
              : `the contact’s dimensions, house rules “${rules.name}”`}
            .
          </span>
          <span>Cut away from the hand; eye protection on.</span>
        </div>
      </aside>
    </>
  )
}
