'use client'
import { HeadRow } from '@/ui/table/HeadRow'
import styles from './KitParts.module.css'
import { kitPartsWords as words } from '@/words/screens/kit/kitParts'
import { Button, Kbd, Table } from '@mantine/core'
import { useMemo } from 'react'
import { setupCounts } from '@/core/views/progress'
import { setupQueue } from '@/core/views/queue'
import type { SupplyLine } from '@/core/work/kit/supply'
import { testPieces } from '@/core/work/kit/testPieces'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { setupFields } from '@/core/craft/setup/setup'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { list, metres, money, plural } from '@/words/figures'
import { setupFieldWords, setupValue } from '@/words/crimp'
import { returnKit, takeKit } from './actions'
import { exportKit } from './exportKit'
import type { KitSupply } from './kitData'
import { useFetched, withFields } from '@/ui/fetched/useFetched'
import { useCall } from '@/ui/action/useCall'
import { SHELF_UNANSWERED } from '@/words/unanswered'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'

const show = (value: number, unit: 'pcs' | 'mm') => (unit === 'mm' ? metres(value) : String(value))

const readKitSupply = withFields<KitSupply>('lines')

/** What the whole job needs against the shelf: parts with test pieces and spares, what is short and in which packs it comes; its setups. */
export function KitParts({ close }: { readonly close: () => void }) {
  const { id, state, tell } = useJob()
  const {
    value: supply,
    failed,
    again,
  } = useFetched(`/jobs/${encodeURIComponent(id)}/kit/supply`, readKitSupply, { version: state.seq })
  const lines = supply?.lines ?? []
  const groups = useMemo(() => setupQueue(state), [state])
  const counts = useMemo(() => setupCounts(state), [state])
  const { firstPieces } = testPieces(state)
  const { busy, call } = useCall()
  const taken = lines.some((line) => line.taken > 0)
  const short = lines.filter((line) => line.short > 0)
  const cost = short.reduce((sum, line) => sum + (line.order?.price ?? 0), 0)
  const take = async () => {
    const outcome = await call<readonly { readonly part: string }[] | undefined>(() =>
      taken ? returnKit({ jobId: id }) : takeKit({ jobId: id }),
    )
    if (!outcome) return
    if (!outcome.ok) tell({ tone: 'fault', text: outcome.message })
    else if (outcome.value && outcome.value.length > 0)
      tell({
        tone: 'attend',
        text: words.reservedWhatIsThere(
          list(
            outcome.value.map((one) => one.part),
            6,
          ),
        ),
      })
    else tell({ tone: 'good', text: taken ? words.partsAreFreeAgain : words.allPartsAreReserved })
    again()
  }
  useKeys([
    { key: 'Escape', words: words.backToTerminations, run: close },
    { key: ' ', words: taken ? words.givePartsBack : words.takeParts, run: () => void take() },
  ])
  return (
    <>
      <div className={paneCss.work} tabIndex={0} role="region" aria-label={words.partsOfJob}>
        {failed && <p className={clsx(noteCss.note, noteCss.fault)}>▲ {SHELF_UNANSWERED}</p>}
        <section className={clsx(paneCss.panel, paneCss.panelFill)}>
          <div className={paneCss.panelHead}>
            <span>
              <b>{words.parts}</b> <span className={textCss.dim}>{words.needTestPiecesSpares}</span>
            </span>
            <span className={paneCss.caption}>
              <Button variant="subtle" onClick={() => void exportKit(state.plan.title, lines, 'csv')}>
                {words.csv}
              </Button>
              <Button variant="subtle" onClick={() => void exportKit(state.plan.title, lines, 'xlsx')}>
                {words.xlsx}
              </Button>
              <a href={`/jobs/${encodeURIComponent(id)}/papers/kit-list.pdf`} className={styles.padded}>
                {words.pdf}
              </a>
            </span>
          </div>
          <div className={paneCss.panelBody}>
            <Table>
              <HeadRow names={[words.part, words.what, words.together, words.free, words.short]} />
              <Table.Tbody>
                {lines.map((line) => (
                  <Line key={line.part} line={line} />
                ))}
              </Table.Tbody>
            </Table>
          </div>
        </section>
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.supplyAndSetups}>
        <h2 className={textCss.cardTitle}>
          {short.length === 0 ? words.allPartsAreThere : words.partsShort(short.length)}
        </h2>
        {cost > 0 && (
          <p>
            {words.toBuy} <b className={textCss.mono}>{money(cost)}</b> {words.inPacksOfTable}
          </p>
        )}
        <Button variant="filled" disabled={busy || lines.length === 0} onClick={() => void take()}>
          <span>{taken ? words.givePartsBack : words.takePartsForThis}</span> <Kbd aria-hidden="true">Space</Kbd>
        </Button>
        <h2 className={textCss.cardTitle}>{plural(groups.length, 'setup')}</h2>
        {groups.map((group, i) => (
          <div key={group.id} className={clsx(noteCss.note, styles.framed)}>
            <b>{i + 1}. </b>
            <span className={textCss.mono}>
              {setupFields
                .filter((field) => group.setup[field] !== undefined)
                .map((field) =>
                  field === 'tool'
                    ? group.setup.tool
                    : `${setupFieldWords[field].toLowerCase()} ${setupValue(field, group.setup[field])}`,
                )
                .join(' · ')}
            </span>
            <span className={clsx(textCss.small, textCss.dim, textCss.block)}>
              {words.crimped(
                counts.get(group.id)?.total ?? 0,
                counts.get(group.id)?.crimped ?? 0,
                firstPieces.get(group.id) ?? 0,
              )}
            </span>
          </div>
        ))}
        <Button onClick={close}>
          <span>{words.backToTerminations}</span> <Kbd aria-hidden="true">Esc</Kbd>
        </Button>
        <p className={paneCss.sources}>
          {words.houseRulesForEach(
            rulesOf(state).name,
            [...firstPieces.values()].reduce((sum, count) => sum + count, 0),
            rulesOf(state).sparePercent,
            rulesOf(state).spareLeast,
          )}
        </p>
      </aside>
    </>
  )
}

function Line({ line }: { readonly line: SupplyLine }) {
  const over = [
    line.testPieces > 0 && words.test(show(line.testPieces, line.unit)),
    line.spares > 0 && words.spare(show(line.spares, line.unit)),
  ].filter((one) => one !== false)
  return (
    <Table.Tr>
      <Table.Td className={textCss.figure}>{line.part}</Table.Td>
      <Table.Td className={styles.wide}>{line.name}</Table.Td>
      <Table.Td className={textCss.figure}>
        <b>{show(line.total, line.unit)}</b>
        {over.length > 0 && (
          <span className={clsx(textCss.small, textCss.dim, textCss.under)}>
            {show(line.need, line.unit)} + {over.join(' + ')}
          </span>
        )}
      </Table.Td>
      <Table.Td className={textCss.figure}>
        {line.free === undefined ? <span className={textCss.dim}>{words.notCounted}</span> : show(line.free, line.unit)}
        {line.taken > 0 && (
          <span className={clsx(textCss.small, textCss.good, textCss.under)}>
            {words.taken(show(line.taken, line.unit))}
          </span>
        )}
      </Table.Td>
      <Table.Td className={textCss.figure}>
        {line.short > 0 ? (
          <span className={textCss.caution}>◆ {show(line.short, line.unit)}</span>
        ) : (
          <span className={textCss.good}>✓</span>
        )}
        {line.order && (
          <span className={clsx(textCss.small, textCss.dim, textCss.under)}>
            {words.buy(line.order.packs, line.order.pack)}
            {line.order.price !== undefined && `, ${money(line.order.price)}`}
          </span>
        )}
      </Table.Td>
    </Table.Tr>
  )
}
