'use client'
import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { useRouter } from 'next/navigation'
import { useMemo, useState } from 'react'
import { familyLacks } from '@/core/parts/sheets/familyLacks'
import type { SheetName } from '@/core/parts/sheets/familyDraft'
import { readFamily } from '@/core/parts/sheets/readFamily'
import type { SheetProblem } from '@/core/parts/sheets/sheet'
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
import { SettingsStep } from './SettingsStep'
import { SizesStep } from './SizesStep'
import { SmallPartsStep } from './SmallPartsStep'
import { statesOf } from './stepStates'
import { stepIds, type StepId, stepOfFault } from './steps'
import { useFamilyDraft } from './useFamilyDraft'
import styles from './FamilyEditor.module.css'

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
  const reading = useMemo(() => readFamily(draft), [draft])
  const lacks = useMemo(
    () => familyLacks({ family: reading.soFar, rows: reading.rows, tools: new Set(tools.map((tool) => tool.id)) }),
    [reading, tools],
  )
  const problems = useMemo(() => {
    const map = new Map<string, SheetProblem>()
    for (const fault of reading.faults)
      if (fault.at === 'sheet') map.set(`${fault.sheet} ${String(fault.row)} ${fault.column}`, fault.problem)
    return map
  }, [reading])
  const hand: EditorHand = {
    draft,
    set,
    reading,
    asked,
    tools,
    problemAt: (sheet: SheetName) => (row, column) => problems.get(`${sheet} ${String(row)} ${column}`),
  }
  const save = async () => {
    setAsked(true)
    const [first] = reading.faults
    if (first) {
      setStep(stepOfFault(first))
      if (first.at === 'housing' || first.at === 'housing-cell') setHousingAt(first.housing)
      setMessage(
        `${familyFaultWords(first)}${reading.faults.length > 1 ? texts.andMore(reading.faults.length - 1) : ''}`,
      )
      return
    }
    if (!reading.family || busy) return
    setBusy(true)
    const outcome = await saveFamily({ family: reading.family, rows: reading.rows, isNew }).catch(
      () => ({ ok: false, message: unanswered(texts.nothingWasWritten) }) as const,
    )
    setBusy(false)
    if (!outcome.ok) {
      setMessage(outcome.message)
      return
    }
    forget()
    router.push(`/shelf?family=${encodeURIComponent(reading.family.id)}`)
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
        states={statesOf(hand)}
        housings={draft.housings.map((one, i) => ({
          id: one.id,
          sub: one.role,
          faults: asked ? reading.faults.filter((fault) => 'housing' in fault && fault.housing === i).length : 0,
        }))}
        housingAt={housingAt}
        toHousing={setHousingAt}
        lacks={lacks}
      />
      {step === 'kind' && <KindStep hand={hand} isNew={isNew} />}
      {step === 'housings' && <HousingsStep key={housingAt} hand={hand} at={housingAt} setAt={setHousingAt} />}
      {step === 'sizes' && <SizesStep hand={hand} />}
      {step === 'contacts' && <ContactsStep hand={hand} />}
      {step === 'small' && <SmallPartsStep hand={hand} />}
      {step === 'locks' && <LocksStep hand={hand} at={housingAt} setAt={setHousingAt} />}
      {step === 'settings' && <SettingsStep hand={hand} />}
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
