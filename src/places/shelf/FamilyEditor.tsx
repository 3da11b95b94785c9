'use client'
import { familyEditorWords as texts } from '@/words/screens/shelf/familyEditor'
import { Button, Kbd, NativeSelect, Tabs, TextInput } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { useRouter } from 'next/navigation'
import { useEffect, useMemo, useState } from 'react'
import {
  FamilyDraft,
  FamilyFault,
  SheetName,
  draftFamily,
  duplicateFamily,
  emptyFamily,
  readFamily,
  sheetNames,
  sheetTables,
} from '@/core/parts/sheets/familyDraft'
import { emptyHousing } from '@/core/parts/sheets/housingDraft'
import { SheetProblem } from '@/core/parts/sheets/sheet'
import { useKeys } from '@/ui/keys/KeyProvider'
import { SheetGrid } from './SheetGrid'
import { familyFaultWords, familyHeadWords, sheetProblemWords, sheetTitles } from '@/words/sheets'
import { saveFamily } from './actions'
import { HousingEditor } from './HousingEditor'
import { FamilyPage } from './shelfData'
import { releaseMechanisms } from '@/core/parts/catalogue/releaseMechanisms'
import { secondaryLocks } from '@/core/parts/catalogue/secondaryLocks'
import { heldWords } from '@/words/release'
import { lockWords } from '@/words/seat'
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
const KEPT = 'urn-family-draft'

const tabOf = (fault: FamilyFault): Tab =>
  fault.at === 'head' ? 'head' : fault.at === 'housing' ? 'housings' : fault.sheet

function begin(page: FamilyPage | undefined, duplicate: boolean): FamilyDraft {
  if (!page) return emptyFamily
  const draft = draftFamily(page.family, page.placards)
  return duplicate ? duplicateFamily(draft, `${draft.id}-2`, `${draft.name} 2`, '-2') : draft
}

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
  const kept = `${KEPT}:${page ? `${page.family.id}${duplicate ? ':copy' : ''}` : 'new'}`
  const [draft, setDraft] = useState<FamilyDraft>(() => {
    const before = localStorage.getItem(kept)
    return before === null
      ? begin(page, duplicate)
      : { ...(JSON.parse(before) as FamilyDraft), ...(page && !duplicate && { origin: page.family }) }
  })
  const [tab, setTab] = useState<Tab>('head')
  const [housingAt, setHousingAt] = useState(0)
  const [busy, setBusy] = useState(false)
  const [message, setMessage] = useState<string>()
  const [asked, setAsked] = useState(false)
  const reading = useMemo(() => readFamily(draft), [draft])
  // nothing typed is lost, whatever happens to the page
  useEffect(() => {
    const { origin: _origin, ...rest } = draft
    localStorage.setItem(kept, JSON.stringify(rest))
  }, [draft, kept])
  const set = (change: Partial<FamilyDraft>) => setDraft((now) => ({ ...now, ...change }))
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
    localStorage.removeItem(kept)
    router.push(`/shelf?family=${encodeURIComponent(reading.family.id)}`)
    router.refresh()
  }
  const leave = () => {
    localStorage.removeItem(kept)
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
  const headFault = (field: string) => {
    const fault = reading.faults.find((one) => one.at === 'head' && one.field === field)
    return asked && fault?.at === 'head' ? (
      <span className={textCss.wrong}>▲ {sheetProblemWords(fault.problem)}</span>
    ) : null
  }
  const text = (
    field: 'id' | 'name' | 'document' | 'revision' | 'orientation',
    label: string,
    more: { readonly readOnly?: boolean; readonly autoFocus?: boolean; readonly placeholder?: string } = {},
  ) => (
    <TextInput
      label={label}
      value={draft[field]}
      {...more}
      onChange={(event) => set({ [field]: event.target.value })}
      error={headFault(field)}
    />
  )
  const choice = (
    field: 'basis' | 'sealing' | 'release' | 'lock' | 'plugTakes' | 'receptacleTakes',
    label: string,
    options: readonly (readonly [string, string])[],
  ) => (
    <NativeSelect label={label} value={draft[field]} onChange={(event) => set({ [field]: event.target.value })}>
      {options.map(([value, words]) => (
        <option key={value} value={value}>
          {words}
        </option>
      ))}
    </NativeSelect>
  )
  const takes = [
    ['socket', 'sockets'],
    ['pin', 'pins'],
    ['either', texts.pinsOrSockets],
  ] as const
  const housing = draft.housings[housingAt]
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
        {tab === 'head' && (
          <div className={clsx(paneCss.housingForm, paneCss.fixed)}>
            {text('name', familyHeadWords.name, { autoFocus: isNew, placeholder: texts.asPeopleCallIt })}
            {text('id', familyHeadWords.id, { readOnly: !isNew, placeholder: texts.shortNoSpaces })}
            {text('document', familyHeadWords.document, { placeholder: texts.whereItsFiguresStand })}
            {text('revision', texts.revision)}
            {choice('basis', texts.figuresAre, [
              ['sheet', texts.fromSheet],
              ['measured', texts.measuredHere],
              ['estimated', 'estimated'],
            ])}
            {choice('sealing', texts.sealing, [
              ['none', 'none'],
              ['wire-seal', texts.sealOnEachWire],
              ['mat-seal', texts.matWithOpenHoles],
              ['mat-self-piercing', texts.matThatIsPierced],
            ])}
            {choice('plugTakes', texts.plugTakes, takes)}
            {choice('receptacleTakes', texts.receptacleTakes, takes)}
            {choice(
              'release',
              texts.howContactIsHeld,
              Object.values(releaseMechanisms).map(({ id }) => [id, heldWords[id]]),
            )}
            {choice(
              'lock',
              texts.secondLock,
              Object.values(secondaryLocks).map(({ id }) => [id, lockWords[id].name]),
            )}
            {text('orientation', texts.whichWayUpContact)}
          </div>
        )}
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
          <>
            <div className={styles.row2}>
              {draft.housings.map((one, i) => (
                <Choice key={i} aria-pressed={i === housingAt} onClick={() => setHousingAt(i)} mono inline>
                  {one.id || `housing ${String(i + 1)}`}
                </Choice>
              ))}
              <Button
                fullWidth={false}
                onClick={() => {
                  setHousingAt(draft.housings.length)
                  set({
                    housings: [
                      ...draft.housings,
                      {
                        ...(housing ?? emptyHousing),
                        id: '',
                        name: '',
                        mates: '',
                        lock: '',
                        interfaceSeal: '',
                        size: housing?.size ?? draft.sheets.sizes[0]?.id ?? '',
                      },
                    ],
                  })
                }}
              >
                <span>{texts.addHousing}</span>
              </Button>
            </div>
            {housing ? (
              <HousingEditor
                key={housingAt}
                draft={housing}
                sizes={draft.sheets.sizes.flatMap((size) => size.id ?? [])}
                problems={
                  asked || housing.id !== ''
                    ? Object.fromEntries(
                        reading.faults.flatMap((fault) =>
                          fault.at === 'housing' && fault.housing === housingAt ? [[fault.field, fault.problem]] : [],
                        ),
                      )
                    : {}
                }
                onChange={(next) => set({ housings: draft.housings.map((one, i) => (i === housingAt ? next : one)) })}
                remove={() => {
                  setHousingAt(0)
                  set({ housings: draft.housings.filter((_one, i) => i !== housingAt) })
                }}
              />
            ) : (
              <p className={clsx(noteCss.note, styles.housingIsDrawnFrom)}>{texts.housingIsDrawnFrom}</p>
            )}
          </>
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
