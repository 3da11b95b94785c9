'use client'
import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { useRouter } from 'next/navigation'
import { memo, useDeferredValue, useMemo, useState } from 'react'
import { familyLacks } from '@/core/parts/sheets/familyLacks'
import { readFamily } from '@/core/parts/sheets/readFamily'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import { familyPathWords as texts, stepWords } from '@/words/screens/shelf/familyPath'
import { familyFaultWords } from '@/words/sheets'
import { unanswered } from '@/words/unanswered'
import { saveFamily } from '../actions'
import type { EditorTool, FamilyPage } from '../shelfData'
import { ContactsStep } from './ContactsStep'
import type { EditorHand } from './editorHand'
import { HousingsStep } from './HousingsStep'
import { KindStep } from './KindStep'
import { LocksStep } from './LocksStep'
import { PathRail } from './PathRail'
import { problemsBySheet } from './problemsBySheet'
import { SettingsStep } from './SettingsStep'
import { SizesStep } from './SizesStep'
import { SmallPartsStep } from './SmallPartsStep'
import { statesOf } from './stepStates'
import { stepIds, type StepId, stepOfFault } from './steps'
import { useFamilyDraft } from './useFamilyDraft'
import styles from './FamilyEditor.module.css'

/** The page of a step. */
const StepInHand = memo(function StepInHand({
  step,
  hand,
  isNew,
  housingAt,
  setHousingAt,
}: {
  readonly step: StepId
  readonly hand: EditorHand
  readonly isNew: boolean
  readonly housingAt: number
  readonly setHousingAt: (at: number) => void
}) {
  switch (step) {
    case 'kind':
      return <KindStep hand={hand} isNew={isNew} />
    case 'housings':
      return <HousingsStep key={housingAt} hand={hand} at={housingAt} setAt={setHousingAt} />
    case 'sizes':
      return <SizesStep hand={hand} />
    case 'contacts':
      return <ContactsStep hand={hand} />
    case 'small':
      return <SmallPartsStep hand={hand} />
    case 'locks':
      return <LocksStep hand={hand} at={housingAt} setAt={setHousingAt} />
    case 'settings':
      return <SettingsStep hand={hand} />
  }
})

/** A family is entered from its sheet, or changed: a path of steps, each with its drawing, its fields and its sheets to paste into. */
export function FamilyEditor({
  page,
  duplicate,
  tools,
}: {
  readonly page: FamilyPage | undefined
  readonly duplicate: boolean
  readonly tools: readonly EditorTool[]
}) {
  const router = useRouter()
  const isNew = !page || duplicate
  const { draft, set, forget } = useFamilyDraft(page, duplicate)
  const [step, setStep] = useState<StepId>('kind')
  const [housingAt, setHousingAt] = useState(0)
  const [busy, setBusy] = useState(false)
  const [message, setMessage] = useState<string>()
  const [asked, setAsked] = useState(false)
  // what is typed stands there at once; what it means may come a frame later
  const readDraft = useDeferredValue(draft)
  const reading = useMemo(() => readFamily(readDraft), [readDraft])
  const lacks = useMemo(
    () => familyLacks({ family: reading.soFar, rows: reading.rows, tools: new Set(tools.map((tool) => tool.id)) }),
    [reading, tools],
  )
  const problemAt = useMemo(() => problemsBySheet(reading.faults), [reading])
  const hand = useMemo(
    (): EditorHand => ({ draft, set, reading, asked, tools, problemAt }),
    [draft, set, reading, asked, tools, problemAt],
  )
  const states = useMemo(() => statesOf(hand), [hand])
  // the path answers at once, the step's page a moment later; until then nothing acts on the page that was
  const shownStep = useDeferredValue(step)
  const save = async () => {
    setAsked(true)
    const now = readFamily(draft)
    const [first] = now.faults
    if (first) {
      setStep(stepOfFault(first))
      if (first.at === 'housing' || first.at === 'housing-cell') setHousingAt(first.housing)
      setMessage(`${familyFaultWords(first)}${now.faults.length > 1 ? texts.andMore(now.faults.length - 1) : ''}`)
      return
    }
    if (!now.family || busy) return
    setBusy(true)
    const outcome = await saveFamily({ family: now.family, rows: now.rows, isNew }).catch(
      () => ({ ok: false, message: unanswered(texts.nothingWasWritten) }) as const,
    )
    setBusy(false)
    if (!outcome.ok) {
      setMessage(outcome.message)
      return
    }
    forget()
    router.push(`/shelf?family=${encodeURIComponent(now.family.id)}`)
    router.refresh()
  }
  const leave = () => {
    forget()
    router.push(page ? `/shelf?family=${encodeURIComponent(page.family.id)}` : '/shelf')
  }
  const at = stepIds.indexOf(step)
  const next = stepIds[at + 1]
  const toStep = (by: number) => setStep(stepIds[(at + by + stepIds.length) % stepIds.length] ?? 'kind')
  const toHousing = (by: number) => setHousingAt(Math.max(0, Math.min(draft.housings.length - 1, housingAt + by)))
  useKeys([
    { key: 'ctrl+s', words: isNew ? texts.putItOnShelf : texts.saveFamily, run: () => void save() },
    { key: 'ArrowRight', words: texts.nextStep, run: () => toStep(1) },
    { key: 'ArrowLeft', words: texts.stepBefore, run: () => toStep(-1) },
    { key: ']', words: texts.nextHousing, run: () => toHousing(1) },
    { key: '[', words: texts.housingBefore, run: () => toHousing(-1) },
    ...stepIds.map((id, i) => ({ key: String(i + 1), words: stepWords[id], run: () => setStep(id) })),
  ])
  const title = isNew
    ? duplicate
      ? texts.after(page?.family.name ?? '')
      : draft.name.trim() === ''
        ? texts.newFamily
        : texts.fromItsSheet(draft.name)
    : texts.edit(page.family.name)
  return (
    <section className={styles.editor} aria-label={title}>
      <PathRail
        title={title}
        step={step}
        toStep={setStep}
        states={states}
        housings={draft.housings.map((one, i) => ({
          id: one.id,
          sub: one.role,
          faults: asked ? reading.faults.filter((fault) => 'housing' in fault && fault.housing === i).length : 0,
        }))}
        housingAt={housingAt}
        toHousing={setHousingAt}
        lacks={lacks}
      />
      <div className={styles.page} inert={shownStep !== step}>
        <StepInHand step={shownStep} hand={hand} isNew={isNew} housingAt={housingAt} setHousingAt={setHousingAt} />
      </div>
      <div className={styles.end}>
        {message !== undefined && (
          <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
            ▲ {message}
          </p>
        )}
        <div className={styles.buttons}>
          <Button fullWidth={false} onClick={leave}>
            <span>{texts.leaveIt}</span>
          </Button>
          <Button variant={next ? 'default' : 'filled'} fullWidth={false} disabled={busy} onClick={() => void save()}>
            <span>{isNew ? texts.putItOnShelf : texts.saveFamily}</span> <Kbd aria-hidden="true">Ctrl S</Kbd>
          </Button>
          {next && (
            <Button variant="filled" fullWidth={false} onClick={() => setStep(next)}>
              <span>{texts.onTo(stepWords[next])}</span> <Kbd aria-hidden="true">→</Kbd>
            </Button>
          )}
        </div>
      </div>
    </section>
  )
}
