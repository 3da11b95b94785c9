'use client'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { HouseRules } from '@/core/parts/rules/houseRules'
import { ruleDifferences, ruleLines, type RuleGroup } from '@/core/parts/rules/ruleLines'
import { PlaceFrame } from '@/ui/frame/PlaceFrame'
import { useKeys } from '@/ui/keys/KeyProvider'
import { list, plural } from '@/words/figures'
import { ruleGroupWords, ruleValue, ruleWords } from '@/words/rules'
import { saveRules } from './actions'
import { RuleField } from './RuleField'
import type { RulesModel } from './rulesData'

type School = RulesModel['schools'][number]
const bare = ({ shipped: _shipped, ...rules }: School): HouseRules => rules

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
  const groups = [...new Set(lines.map((line) => line.group))]
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
      () => ({ ok: false, message: 'The bench does not answer. Nothing was written.' }) as const,
    )
    setBusy(false)
    if (outcome.ok) {
      setEditing(undefined)
      setMessage(undefined)
      router.refresh()
    } else setMessage(outcome.message)
  }
  useKeys([
    { key: 'd', words: 'Only where the schools differ', run: () => setOnly((now) => !now) },
    ...(editing
      ? [
          { key: 'ctrl+s', words: 'Save these rules', run: () => void save() },
          { key: 'Escape', words: 'Leave the rules as they are', run: () => setEditing(undefined) },
        ]
      : []),
  ])
  return (
    <PlaceFrame
      place="rules"
      title="House rules"
      find={schools.map((school) => ({ id: school.name, kind: 'rules', words: school.about, href: '/rules' }))}
    >
      <div className="page">
        <div className="page-head">
          <div>
            <h2 className="page-title">{plural(schools.length, 'school')}, side by side</h2>
            <p className="dim">
              A job follows one of them and keeps a copy. The maker’s sheet and your governing document come before all
              of it.
            </p>
          </div>
          <button
            type="button"
            className="act-button"
            style={{ width: 'auto' }}
            aria-pressed={onlyDifferent}
            onClick={() => setOnly(!onlyDifferent)}
          >
            <span>{onlyDifferent ? 'Show all rules' : 'Only where they differ'}</span> <kbd aria-hidden="true">D</kbd>
          </button>
        </div>
        {message !== undefined && (
          <p className="note fault" role="alert">
            ▲ {message}
          </p>
        )}
        <section className="sheet" style={{ overflow: 'auto' }}>
          <table className="table rules-table">
            <thead>
              <tr>
                <th scope="col">Rule, and why people differ</th>
                {schools.map((school) => (
                  <th key={school.id} scope="col">
                    <b style={{ fontSize: 15, color: 'var(--ink)' }}>{school.name}</b>
                    <span style={{ display: 'block' }}>
                      {school.shipped ? 'ships' : 'your own'}
                      {jobs.some((job) => job.rules === school.id) &&
                        ` · ${list(
                          jobs.filter((job) => job.rules === school.id).map((job) => job.title),
                          2,
                        )}`}
                    </span>
                    <span style={{ display: 'flex', gap: 6 }}>
                      <button type="button" className="link-button act" onClick={() => copy(school)}>
                        Copy
                      </button>
                      {!school.shipped && (
                        <button
                          type="button"
                          className="link-button act"
                          onClick={() => {
                            setEditing({ draft: bare(school), isNew: false })
                            setMessage(undefined)
                          }}
                        >
                          Edit
                        </button>
                      )}
                    </span>
                  </th>
                ))}
                {editing && (
                  <th scope="col" style={{ minWidth: 230 }}>
                    <label className="field">
                      Name
                      <input
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
                    </label>
                    <span className="two" style={{ marginTop: 6 }}>
                      <button
                        type="button"
                        className="act-button main"
                        style={{ minHeight: 44 }}
                        disabled={busy}
                        onClick={() => void save()}
                      >
                        <span>Save</span>
                      </button>
                      <button
                        type="button"
                        className="act-button"
                        style={{ minHeight: 44 }}
                        onClick={() => setEditing(undefined)}
                      >
                        <span>Leave</span>
                      </button>
                    </span>
                  </th>
                )}
              </tr>
            </thead>
            <tbody>
              {groups.map((group: RuleGroup) => [
                <tr key={group}>
                  <th
                    colSpan={schools.length + (editing ? 2 : 1)}
                    scope="colgroup"
                    style={{ background: 'var(--wash)', color: 'var(--ink)' }}
                  >
                    {ruleGroupWords[group]}
                  </th>
                </tr>,
                ...lines
                  .filter((line) => line.group === group)
                  .map((line) => (
                    <tr key={line.id}>
                      <td>
                        <b>{ruleWords[line.id].name}</b>
                        <span className="small dim" style={{ display: 'block' }}>
                          {ruleWords[line.id].why}
                        </span>
                      </td>
                      {schools.map((school) => {
                        const differs =
                          first !== undefined &&
                          school !== first &&
                          ruleValue(line, bare(school)) !== ruleValue(line, bare(first))
                        return (
                          <td key={school.id} className={differs ? 'rule-differs' : undefined}>
                            {differs && (
                              <span aria-label="differs" className="act">
                                ≠{' '}
                              </span>
                            )}
                            {ruleValue(line, bare(school))}
                          </td>
                        )
                      })}
                      {editing && (
                        <td>
                          <RuleField
                            line={line}
                            rules={editing.draft}
                            onChange={(draft) => setEditing({ ...editing, draft })}
                          />
                        </td>
                      )}
                    </tr>
                  )),
              ])}
            </tbody>
          </table>
        </section>
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
