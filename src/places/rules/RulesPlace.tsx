'use client'
import { rulesPlaceWords as words } from '@/words/screens/rules/rulesPlace'
import { Anchor, Button, Kbd, Table, TextInput } from '@mantine/core'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { HouseRules } from '@/core/parts/rules/houseRules'
import { ruleDifferences, ruleLines } from '@/core/parts/rules/ruleLines'
import { PlaceFrame } from '@/ui/frame/PlaceFrame'
import { useKeys } from '@/ui/keys/KeyProvider'
import { saveRules } from './actions'
import { RuleRows, bare } from './RuleRows'
import type { RulesModel } from './rulesData'
import { UnitsSetting } from './UnitsSetting'
import { ZoneSetting } from './ZoneSetting'
import { unanswered } from '@/words/unanswered'
import styles from './RulesPlace.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import rowsCss from '@/ui/table/rows.module.css'

type School = RulesModel['schools'][number]

/** The schools side by side: what each rule says, where they differ, and in a line why people differ about it. */
export function RulesPlace({ model }: { readonly model: RulesModel }) {
  const router = useRouter()
  const { schools, jobs } = model
  const [onlyDifferent, setOnly] = useState(false)
  const [editing, setEditing] = useState<{ readonly draft: HouseRules; readonly isNew: boolean }>()
  const [message, setMessage] = useState<string>()
  const [busy, setBusy] = useState(false)
  const first = schools[0]
  const different = new Set(
    schools.flatMap((school) => (first ? ruleDifferences(bare(first), bare(school)).map((line) => line.id) : [])),
  )
  const lines = ruleLines.filter((line) => !onlyDifferent || different.has(line.id))
  const copy = (school: School) => {
    let n = 2
    while (schools.some((one) => one.id === `${school.id}-${String(n)}`)) n++
    setEditing({
      draft: { ...bare(school), id: `${school.id}-${String(n)}`, name: `${school.name} ${String(n)}` },
      isNew: true,
    })
    setMessage(undefined)
  }
  const save = async () => {
    if (!editing || busy) return
    setBusy(true)
    const outcome = await saveRules(editing.draft).catch(
      () => ({ ok: false, message: unanswered(words.nothingWasWritten) }) as const,
    )
    setBusy(false)
    if (outcome.ok) {
      setEditing(undefined)
      setMessage(undefined)
      router.refresh()
    } else setMessage(outcome.message)
  }
  useKeys([
    { key: 'd', words: words.onlyWhereSchoolsDiffer, run: () => setOnly((now) => !now) },
    ...(editing
      ? [
          { key: 'ctrl+s', words: words.saveTheseRules, run: () => void save() },
          { key: 'Escape', words: words.leaveRulesAsThey, run: () => setEditing(undefined) },
        ]
      : []),
  ])
  return (
    <PlaceFrame
      place="rules"
      title={words.houseRules}
      find={schools.map((school) => ({ id: school.name, kind: 'rules', words: school.about, href: '/rules' }))}
    >
      <div className={paneCss.page}>
        <div className={paneCss.pageHead}>
          <div>
            <h2 className={paneCss.pageTitle}>{words.sideBySide(schools.length)}</h2>
            <p className={textCss.dim}>{words.jobFollowsOneOf}</p>
          </div>
          <Button fullWidth={false} aria-pressed={onlyDifferent} onClick={() => setOnly(!onlyDifferent)}>
            <span>{onlyDifferent ? words.showAllRules : words.onlyWhereTheyDiffer}</span>{' '}
            <Kbd aria-hidden="true">D</Kbd>
          </Button>
        </div>
        {message !== undefined && (
          <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
            ▲ {message}
          </p>
        )}
        <section className={clsx(paneCss.panel, styles.rules)}>
          <Table className={rowsCss.rulesTable}>
            <Table.Thead>
              <Table.Tr>
                <Table.Th scope="col">{words.ruleAndWhyPeople}</Table.Th>
                {schools.map((school) => (
                  <Table.Th key={school.id} scope="col">
                    <b className={styles.smaller}>{school.name}</b>
                    <span className={textCss.block}>{school.shipped ? words.cameWithBench : words.yourOwn}</span>
                    <span className={clsx(textCss.block, textCss.dim)}>
                      {words.usedBy(jobs.filter((job) => job.rules === school.id).map((job) => job.title))}
                    </span>
                    <span className={styles.row}>
                      <Anchor component="button" type="button" onClick={() => copy(school)}>
                        {words.copy}
                      </Anchor>
                      {!school.shipped && (
                        <Anchor
                          component="button"
                          type="button"
                          onClick={() => {
                            setEditing({ draft: bare(school), isNew: false })
                            setMessage(undefined)
                          }}
                        >
                          {words.edit}
                        </Anchor>
                      )}
                    </span>
                  </Table.Th>
                ))}
                {editing && (
                  <Table.Th scope="col" className={styles.name}>
                    <TextInput
                      label={words.name}
                      value={editing.draft.name}
                      autoFocus
                      onChange={(event) =>
                        setEditing({
                          ...editing,
                          draft: {
                            ...editing.draft,
                            name: event.target.value,
                            ...(editing.isNew && { id: idOf(event.target.value) || editing.draft.id }),
                          },
                        })
                      }
                    />
                    <span className={clsx(paneCss.two, styles.spaced)}>
                      <Button variant="filled" disabled={busy} onClick={() => void save()}>
                        <span>{words.save}</span>
                      </Button>
                      <Button onClick={() => setEditing(undefined)}>
                        <span>{words.leave}</span>
                      </Button>
                    </span>
                  </Table.Th>
                )}
              </Table.Tr>
            </Table.Thead>
            <RuleRows
              schools={schools}
              lines={lines}
              draft={editing?.draft}
              onChange={(draft) => editing && setEditing({ ...editing, draft })}
            />
          </Table>
        </section>
        <ZoneSetting />
        <UnitsSetting />
      </div>
    </PlaceFrame>
  )
}

const idOf = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40)
