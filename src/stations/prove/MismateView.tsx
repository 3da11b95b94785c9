import { Button, Kbd, Table } from '@mantine/core'
import clsx from 'clsx'
import { useEffect, useMemo, useState } from 'react'
import type { Carried, Mismate } from '@/core/craft/mismate/mismateTypes'
import { cavityKey } from '@/core/record/plan/keys'
import { planIndex } from '@/core/record/plan/plan'
import { type JobMismate, carriedAt, jobKeyings, jobMismates, ownInput } from '@/core/work/prove/jobMismate'
import { useAction } from '@/ui/action/useAction'
import { Choice } from '@/ui/choice/Choice'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { HeadRow } from '@/ui/table/HeadRow'
import textCss from '@/ui/text/text.module.css'
import { harmWords, mismateWords } from '@/words/mismate'
import { mismateViewWords as words } from '@/words/screens/prove/mismateView'
import { studyMismate } from '@/workers/mismateClient'
import { setKeyings } from './actions'
import styles from './MismateView.module.css'

/** What meets what where halves are joined wrongly, keyings that tell them apart, and pins that make the rest harmless. */
export function MismateView() {
  const { state } = useJob()
  const ways = useMemo(() => jobMismates(state), [state])
  const [chosen, setChosen] = useState<string>()
  const shown = ways.find(({ id }) => id === chosen) ?? ways[0]
  const harmful = ways.filter(({ worst }) => worst !== 'none').length
  return (
    <>
      <div className={paneCss.work}>
        <section className={paneCss.panel} aria-label={words.study}>
          <div className={styles.title}>
            <h2 className={harmful > 0 ? textCss.fault : textCss.good}>{words.harmfulWays(harmful, ways.length)}</h2>
            <p className={clsx(textCss.small, textCss.dim)}>{words.readByName}</p>
          </div>
          <div className={styles.ways}>
            {ways.map((way) => (
              <Choice key={way.id} aria-pressed={way === shown} onClick={() => setChosen(way.id)}>
                <b>{mismateWords(way)}</b>
                <span className={textCss[harmWords[way.worst].tone]}>
                  {harmWords[way.worst].sign} {harmWords[way.worst].words}
                </span>
              </Choice>
            ))}
          </div>
        </section>
        {shown && <Meets way={shown} />}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.whatHelps}>
        <h2 className={textCss.cardTitle}>{words.whatHelps}</h2>
        <Keyings />
        {shown?.why === 'no-key' && <Pins key={shown.end} end={shown.end} />}
        <div className={paneCss.sources}>
          <span>{words.alsoLengths}</span>
        </div>
      </aside>
    </>
  )
}

function Meets({ way }: { readonly way: JobMismate }) {
  const { state } = useJob()
  const { byCavity } = planIndex(state.plan)
  const into = way.into ?? way.end
  const signalAt = (end: string, cavity: string) => {
    const wire = byCavity.get(cavityKey(1, end, cavity))?.wire
    return wire ? `${wire.id} ${wire.signal ?? ''}` : words.nothing
  }
  const worst = [...way.meets].sort((a, b) => harmWords[a.harm].rank - harmWords[b.harm].rank)
  return (
    <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.whatMeetsWhat}>
      <div className={paneCss.panelHead}>
        <span>{mismateWords(way)}</span>
      </div>
      <div className={paneCss.panelBody}>
        <Table>
          <HeadRow names={[words.cavityOf(way.end), words.meetsOf(into, way.into === undefined), words.harm]} />
          <Table.Tbody>
            {worst.map(({ a, b, harm }) => (
              <Table.Tr key={`${a} ${b}`}>
                <Table.Td>
                  <b className={textCss.mono}>{a}</b> {signalAt(way.end, a)}
                </Table.Td>
                <Table.Td>
                  <b className={textCss.mono}>{b}</b> {signalAt(into, b)}
                </Table.Td>
                <Table.Td className={textCss[harmWords[harm].tone]}>
                  {harmWords[harm].sign} {harmWords[harm].words}
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </div>
    </section>
  )
}

/** Keyings that tell alike halves apart, and the button that puts them into the plan. */
function Keyings() {
  const { state } = useJob()
  const action = useAction()
  const proposed = useMemo(() => jobKeyings(state), [state])
  const changes = state.plan.ends.flatMap((end) => {
    const keying = proposed.keyings.get(end.id) ?? (end.mate === undefined ? undefined : proposed.keyings.get(end.mate))
    return keying === undefined || keying === end.keying ? [] : [{ end: end.id, now: end.keying, keying }]
  })
  const put = () =>
    void action.write(
      (asking) => setKeyings({ ...asking, keyings: changes.map(({ end, keying }) => ({ end, keying })) }),
      undefined,
      words.nothingChanged,
    )
  useKeys(changes.length > 0 && !action.busy ? [{ key: ' ', words: words.putKeyings, run: put }] : [])
  if (proposed.keyings.size === 0) return <p className={textCss.dim}>{words.noKeyings}</p>
  return (
    <section className={paneCss.choices} aria-label={words.keyings}>
      <b>{words.keyings}</b>
      {changes.length === 0 ? (
        <p className={proposed.left.length > 0 ? textCss.caution : textCss.good}>
          {proposed.left.length > 0 ? words.tooFew(proposed.left.map(({ a, b }) => `${a} – ${b}`)) : words.allToldApart}
        </p>
      ) : (
        <>
          <ul>
            {changes.map(({ end, now, keying }) => (
              <li key={end} className={textCss.mono}>
                {end}: {now ?? '–'} → <b>{keying}</b>
              </li>
            ))}
          </ul>
          {proposed.left.length > 0 && (
            <p className={textCss.caution}>{words.tooFew(proposed.left.map(({ a, b }) => `${a} – ${b}`))}</p>
          )}
          <Button variant="filled" disabled={action.busy} onClick={put}>
            <span>{words.putKeyings}</span> <Kbd aria-hidden="true">Space</Kbd>
          </Button>
        </>
      )}
    </section>
  )
}

const carriedWords = (carried: Carried | undefined) =>
  carried === undefined || carried.kind === 'none'
    ? words.nothing
    : carried.kind === 'supply'
      ? carried.name
      : words[carried.kind]

/** Which signal in which cavity makes every wrong joining harmless, or the proof that none does. */
function Pins({ end }: { readonly end: string }) {
  const { state } = useJob()
  const input = useMemo(() => ownInput(state, end), [state, end])
  const [found, setFound] = useState<{ readonly of: typeof input; readonly study: Mismate | undefined }>()
  useEffect(() => {
    if (!input) return undefined
    const stop = new AbortController()
    void studyMismate(input, stop.signal).then((study) => {
      if (!stop.signal.aborted) setFound({ of: input, study })
    })
    return () => stop.abort()
  }, [input])
  if (!found || found.of !== input) return <p className={textCss.dim}>{words.lookingForPins}</p>
  const { study } = found
  if (study?.proof) return <p className={clsx(noteCss.note, noteCss.caution)}>◆ {words.provedNone(end)}</p>
  if (!study?.assignment) return <p className={textCss.dim}>{words.noPinsNeeded(end)}</p>
  const now = carriedAt(state, end)
  const moved = Object.entries(study.assignment.A).filter(
    ([pin, carried]) => JSON.stringify(carried) !== JSON.stringify(now[pin] ?? { kind: 'none' }),
  )
  return (
    <section className={paneCss.choices} aria-label={words.harmlessPins(end)}>
      <b>{words.harmlessPins(end)}</b>
      <ul>
        {moved.map(([pin, carried]) => (
          <li key={pin}>
            <b className={textCss.mono}>{`${end}.${pin}`}</b> {carriedWords(carried)}
          </li>
        ))}
      </ul>
      <p className={clsx(textCss.small, textCss.dim)}>{words.changeAtPlan}</p>
    </section>
  )
}
