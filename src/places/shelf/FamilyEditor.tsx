'use client'
import { familyEditorWords as texts } from '@/words/screens/shelf/familyEditor'
import { Button, Kbd, Tabs } from '@mantine/core'
import { useRouter } from 'next/navigation'
import { useMemo, useState } from 'react'
import { type FamilyFault, type SheetName, readFamily, sheetNames, sheetTables } from '@/core/parts/sheets/familyDraft'
import type { SheetProblem } from '@/core/parts/sheets/sheet'
import { useKeys } from '@/ui/keys/KeyProvider'
import { SheetGrid } from '@/ui/sheet/SheetGrid'
import { familyFaultWords, sheetTitles } from '@/words/sheets'
import { saveFamily } from './actions'
import { FamilyHead } from './FamilyHead'
import { FamilyHousingsTab } from './FamilyHousingsTab'
import { useFamilyDraft } from './useFamilyDraft'
import type { FamilyPage } from './shelfData'
import { unanswered } from '@/words/unanswered'
import styles from './FamilyEditor.module.css'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'

type Tab = 'head' | 'housings' | SheetName
const tabs: readonly (readonly [Tab, string])[] = [
  ['head', texts.family],
  ['sizes', texts.sizes],
  ['housings', texts.housings],
  ['contacts', texts.contacts],
  ['seals', texts.seals],
  ['placard', texts.settings],
]
const tabOf = (fault: FamilyFault): Tab =>
  fault.at === 'head' ? 'head' : fault.at === 'housing' ? 'housings' : fault.sheet

/** A family is entered from its sheet, or changed: a table for each of the sheet's tables, and housings with their drawing beside them. */
export function FamilyEditor({
  page,
  duplicate,
  tools,
}: {
  readonly page: FamilyPage | undefined
  readonly duplicate: boolean
  readonly tools: readonly string[]
}) {
  const router = useRouter()
  const isNew = !page || duplicate
  const { draft, set, forget } = useFamilyDraft(page, duplicate)
  const [tab, setTab] = useState<Tab>('head')
  const [housingAt, setHousingAt] = useState(0)
  const [busy, setBusy] = useState(false)
  const [message, setMessage] = useState<string>()
  const [asked, setAsked] = useState(false)
  const reading = useMemo(() => readFamily(draft), [draft])
  const cellProblems = useMemo(() => {
    const map = new Map<string, SheetProblem>()
    for (const fault of reading.faults)
      if (fault.at === 'sheet') map.set(`${fault.sheet} ${String(fault.row)} ${fault.column}`, fault.problem)
    return map
  }, [reading])
  const faultsOf = (one: Tab) => reading.faults.filter((fault) => tabOf(fault) === one).length
  const strangers = [...new Set(reading.rows.map((row) => row.tool))].filter(
    (tool) => tool !== '' && !tools.includes(tool),
  )
  const save = async () => {
    setAsked(true)
    const [first] = reading.faults
    if (first) {
      setTab(tabOf(first))
      if (first.at === 'housing') setHousingAt(first.housing)
      setMessage(
        `${familyFaultWords(first)}${reading.faults.length > 1 ? texts.andMore(reading.faults.length - 1) : ''}`,
      )
      return
    }
    if (!reading.family || busy) return
    setBusy(true)
    const outcome = await saveFamily({ family: reading.family, rows: reading.rows, isNew }).catch(
      () => ({ ok: false, message: unanswered(texts.nothingWasWrittenWhat) }) as const,
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
  const step = (by: number) =>
    setTab(tabs[(tabs.findIndex(([id]) => id === tab) + by + tabs.length) % tabs.length]?.[0] ?? 'head')
  useKeys([
    { key: 'ctrl+s', words: texts.putFamilyOnShelf, run: () => void save() },
    { key: 'ArrowRight', words: texts.nextTable, run: () => step(1) },
    { key: 'ArrowLeft', words: texts.tableBefore, run: () => step(-1) },
    ...tabs.map(([id, words], i) => ({ key: String(i + 1), words, run: () => setTab(id) })),
  ])
  return (
    <Tabs
      className={styles.editor}
      value={tab}
      onChange={(id) => setTab(tabs.find(([one]) => one === id)?.[0] ?? 'head')}
    >
      <div className={clsx(paneCss.pageHead, styles.spaced)}>
        <h2 className={paneCss.pageTitle}>
          {isNew
            ? duplicate
              ? texts.familyAfter(page?.family.name ?? '')
              : texts.newFamilyFromIts
            : texts.edit(page.family.name)}
        </h2>
        <span className={styles.row}>
          <Button variant="filled" fullWidth={false} disabled={busy} onClick={() => void save()}>
            <span>{isNew ? texts.putItOnShelf : texts.saveFamily}</span> <Kbd aria-hidden="true">Ctrl S</Kbd>
          </Button>
          <Button fullWidth={false} onClick={leave}>
            <span>{texts.leaveIt}</span>
          </Button>
        </span>
      </div>
      <Tabs.List aria-label={texts.tablesOfSheet}>
        {tabs.map(([id, words], i) => (
          <Tabs.Tab key={id} value={id} leftSection={<span className={clsx(textCss.dim, textCss.mono)}>{i + 1}</span>}>
            {words}{' '}
            {id === 'housings' ? (
              <span className={clsx(textCss.mono, textCss.dim)}>{draft.housings.length}</span>
            ) : id === 'head' ? null : (
              <span className={clsx(textCss.mono, textCss.dim)}>{draft.sheets[id].length}</span>
            )}
            {asked && faultsOf(id) > 0 && <b className={textCss.fault}> ▲ {faultsOf(id)}</b>}
          </Tabs.Tab>
        ))}
      </Tabs.List>
      {message !== undefined && (
        <p className={clsx(noteCss.note, noteCss.fault, paneCss.fixed)} role="alert">
          ▲ {message}
        </p>
      )}
      <Tabs.Panel value={tab} className={styles.editor}>
        {tab === 'head' && <FamilyHead draft={draft} set={set} isNew={isNew} faults={asked ? reading.faults : []} />}
        {sheetNames.includes(tab as SheetName) && (
          <SheetGrid
            key={tab}
            label={sheetTitles[tab as SheetName]}
            columns={sheetTables[tab as SheetName]}
            rows={draft.sheets[tab as SheetName]}
            problemAt={(row, column) => cellProblems.get(`${tab} ${String(row)} ${column}`)}
            onChange={(rows) => set({ sheets: { ...draft.sheets, [tab]: rows } })}
          />
        )}
        {tab === 'placard' && strangers.length > 0 && (
          <p className={clsx(noteCss.note, noteCss.attend, paneCss.fixed)}>{texts.notInCribOr(strangers.join(', '))}</p>
        )}
        {tab === 'contacts' && (
          <p className={clsx(textCss.small, textCss.dim, paneCss.fixed)}>{texts.barrelIsDrawnAnd}</p>
        )}
        {tab === 'housings' && (
          <FamilyHousingsTab
            draft={draft}
            set={set}
            at={housingAt}
            setAt={setHousingAt}
            faults={reading.faults}
            asked={asked}
          />
        )}
      </Tabs.Panel>
      <p className={clsx(textCss.small, textCss.dim, paneCss.fixed)}>
        {texts.whatYouTypeIs(
          reading.faults.length === 0 ? texts.completeItCanGo : texts.stillToFillIn(reading.faults.length),
        )}
      </p>
    </Tabs>
  )
}
