'use client'
import { HeadRow } from '@/ui/table/HeadRow'
import { kitPanelsWords as words } from '@/words/screens/kit/kitPanels'
import { Button, Kbd, Table } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { figure, mm, mmRange } from '@/words/figures'
import { setupWords } from '@/words/crimp'
import type { KitOptions, KitRejected, KitSet } from './kitOptions'
import styles from './KitPanels.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'

/** A termination that no set takes: by how much, and what would do. */
export function BlockedPanel({
  options,
  picked,
  onPick,
  showTools,
}: {
  readonly options: KitOptions
  readonly picked: number
  readonly onPick: (line: number) => void
  readonly showTools: () => void
}) {
  const { windows, insulationMm, rejected, remedies } = options
  const nearest = rejected[0]
  const seal = nearest?.kind === 'seal-tears' || nearest?.kind === 'seal-leaks'
  const noTool = nearest?.kind === 'no-tool'
  const largest = Math.max(...windows.map((one) => one.maxMm))
  const smallest = Math.min(...windows.map((one) => one.minMm))
  return (
    <>
      <section className={clsx(paneCss.panel, styles.padded)}>
        <h2 className={clsx(textCss.cardTitle, styles.noSealClosesRound)}>
          {seal ? (
            <>
              {words.noSealClosesRound} <span className={textCss.mono}>{mm(insulationMm)}</span>,{' '}
              {nearest.kind === 'seal-tears' ? (
                <>
                  {words.largestTakes} <span className={textCss.mono}>{mm(largest)}</span>
                </>
              ) : (
                <>
                  {words.smallestTakes} <span className={textCss.mono}>{mm(smallest)}</span>
                </>
              )}
            </>
          ) : (
            <>{words.nothingFits(nearest?.words ?? words.noContactOfThis)}</>
          )}
        </h2>
        {seal && <Windows windows={windows} insulationMm={insulationMm} />}
      </section>
      <section className={clsx(paneCss.panel, styles.padded2)}>
        <h3 className={styles.whatWouldDo}>{words.whatWouldDo}</h3>
        {noTool && (
          <Button onClick={showTools}>
            <span>
              <b>{nearest.contact}</b> {words.fitsToolIsAll}
            </span>{' '}
            <Kbd aria-hidden="true">B</Kbd>
          </Button>
        )}
        {remedies.length === 0 && !noTool && (
          <p className={clsx(textCss.dim, styles.noOtherWireOf)}>{words.noOtherWireOf}</p>
        )}
        <div className={paneCss.choices}>
          {remedies.map((remedy, i) => (
            <Choice key={remedy.wireType} aria-pressed={i === picked} onClick={() => onPick(i)}>
              <Kbd aria-hidden="true">{i + 1}</Kbd>
              <span>
                <b>{remedy.name}</b>, {mm(remedy.insulationMm)}
                <span className={clsx(textCss.small, textCss.dim, textCss.block)}>
                  {words.thenContact(remedy.contact)}
                  {remedy.seal !== undefined && `, seal ${remedy.seal}`}, {remedy.setup}
                </span>
              </span>
              <span className={clsx(textCss.mono, textCss.small)}>{remedy.wireType}</span>
            </Choice>
          ))}
        </div>
      </section>
    </>
  )
}

function Windows({
  windows,
  insulationMm,
}: {
  readonly windows: KitOptions['windows']
  readonly insulationMm: number
}) {
  const top = Math.max(insulationMm, ...windows.map((one) => one.maxMm)) * 1.12
  const at = (value: number) => `${(100 * value) / top}%`
  return (
    <Table className={styles.table}>
      <Table.Tbody>
        {windows.map((one) => (
          <Table.Tr key={one.name}>
            <Table.Td className={clsx(textCss.mono, styles.wide)}>{one.name}</Table.Td>
            <Table.Td>
              <div className={styles.box} aria-hidden="true">
                <i
                  style={{
                    position: 'absolute',
                    left: at(one.minMm),
                    width: at(one.maxMm - one.minMm),
                    height: 9,
                    borderRadius: 4,
                    background: 'var(--glaze)',
                    opacity: 0.55,
                  }}
                />
                <i
                  style={{
                    position: 'absolute',
                    left: at(insulationMm),
                    width: 3,
                    top: -3,
                    height: 15,
                    background: 'var(--oxblood)',
                  }}
                />
              </div>
            </Table.Td>
            <Table.Td className={clsx(textCss.mono, textCss.dim, styles.wide2)}>
              {mmRange(one.minMm, one.maxMm)}
            </Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  )
}

/** The workable sets, best first. */
export function SetsTable({
  options,
  picked,
  onPick,
  isChosen,
}: {
  readonly options: KitOptions
  readonly picked: number
  readonly onPick: (line: number) => void
  readonly isChosen: (set: KitSet) => boolean
}) {
  return (
    <section className={clsx(paneCss.panel, styles.padded2)}>
      <h2 className={styles.works}>
        {words.works} <span className={clsx(textCss.dim, styles.light)}>{words.bestFirst}</span>
      </h2>
      <div className={paneCss.choices}>
        {options.sets.map((set, i) => (
          <Choice
            key={`${set.set.contact} ${set.set.seal ?? ''} ${set.set.setup.tool} ${set.set.setup.selector ?? ''}`}
            aria-pressed={i === picked}
            onClick={() => onPick(i)}
          >
            <Kbd aria-hidden="true">{i + 1}</Kbd>
            <span>
              <b className={textCss.mono}>{set.set.contact}</b>
              {set.set.seal !== undefined && <b className={textCss.mono}> + {set.set.seal}</b>}{' '}
              <span className={textCss.dim}>{set.plating}</span>
              <span className={clsx(textCss.small, textCss.dim, textCss.block)}>
                {setupWords(set.set.setup)}
                {set.set.setup.notchMm !== undefined && words.notchMm(set.set.setup.notchMm)}
                {words.stripMm(set.set.strip.nominalMm)}
              </span>
            </span>
            <span className={clsx(textCss.mono, textCss.small)}>
              {isChosen(set) ? words.chosen : figure(set.score, 2)}
            </span>
          </Choice>
        ))}
      </div>
    </section>
  )
}

const REJECTED_SHOWN = 60

/** Why each other candidate is out, the nearest to working first. */
export function RejectedTable({ rejected }: { readonly rejected: readonly KitRejected[] }) {
  return (
    <section className={clsx(paneCss.panel, paneCss.panelFill, styles.rejected)}>
      <h2 className={styles.whyOthersAreOut}>
        {words.whyOthersAreOut}{' '}
        <span className={clsx(textCss.dim, styles.light)}>{words.nearestFirst(rejected.length)}</span>
      </h2>
      <div className={paneCss.panelBody} tabIndex={0} role="region" aria-label={words.whyOthersAreOut}>
        <Table>
          <HeadRow names={[words.contact, words.seal, words.reason, words.offBy, words.curedBy]} />
          <Table.Tbody>
            {rejected.slice(0, REJECTED_SHOWN).map((one) => (
              <Table.Tr key={`${one.contact} ${one.seal ?? ''}`}>
                <Table.Td className={clsx(textCss.figure, textCss.dim)}>{one.contact}</Table.Td>
                <Table.Td className={clsx(textCss.figure, textCss.dim)}>{one.seal}</Table.Td>
                <Table.Td>{one.words}</Table.Td>
                <Table.Td className={clsx(textCss.figure, textCss.dim)}>{one.offBy}</Table.Td>
                <Table.Td className={textCss.figure}>{one.cure ?? ''}</Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </div>
    </section>
  )
}
