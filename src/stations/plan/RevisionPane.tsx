'use client'
import { revisionPaneWords as words } from '@/words/screens/plan/revisionPane'
import { Button, Kbd, Table } from '@mantine/core'
import type { ChangePreview } from '@/core/views/previewChange'
import { useKeys } from '@/ui/keys/KeyProvider'
import { metres } from '@/words/figures'
import { fateWords } from '@/words/plan'
import { AlwaysSo } from './AlwaysSo'
import type { WiresAnswer } from './useSavePlan'
import styles from './RevisionPane.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import noteCss from '@/ui/note/note.module.css'

/** What a plan change does to work that is done, before it is applied. */
export function RevisionPane({
  preview,
  busy,
  answer,
  say,
  apply,
  back,
}: {
  readonly preview: ChangePreview
  readonly busy: boolean
  readonly answer: WiresAnswer | undefined
  readonly say: (answer: WiresAnswer) => void
  readonly apply: () => void
  readonly back: () => void
}) {
  const { cost, kit, withoutSet, outOfReach, asks } = preview
  // what only its author can say is said first
  const unsaid = asks.length > 0 && answer === undefined
  const disturbed = new Set(cost.disturbed)
  useKeys([
    { key: 'Escape', words: words.backToPinout, run: back },
    { key: ' ', words: words.applyRevision, run: () => !unsaid && apply() },
  ])
  const counted: readonly (readonly [string, number])[] = [
    [words.contactsToTakeOut, cost.extractions],
    [words.contactsToScrap, cost.contactsScrapped.reduce((sum, one) => sum + one.count, 0)],
    [words.sealsLost, cost.sealsScrapped.reduce((sum, one) => sum + one.count, 0)],
    [words.toStripAgain, cost.strippedAgain],
    [words.toCrimpAgain, cost.crimpedAgain],
    [words.toShorten, cost.shortened],
  ]
  // what the rows below say, and no more
  const figures = counted.filter(([, count]) => count > 0)
  return (
    <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.revision}>
      <div className={paneCss.panelHead}>
        <h2 className={textCss.cardTitle}>{words.thisChangeUndoesWork(cost.disturbed.length)}</h2>
      </div>
      <div className={clsx(paneCss.panelBody, styles.stack)}>
        {asks.length > 0 && <AlwaysSo asks={asks} answer={answer} busy={busy} say={say} />}
        {figures.length + cost.wireLostMm > 0 && (
          <Readouts>
            {figures.map(([label, count]) => (
              <Readout key={label} label={label} value={count} change />
            ))}
            {cost.wireLostMm > 0 && <Readout label={words.wireLost} value={metres(cost.wireLostMm)} change wide />}
          </Readouts>
        )}
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th>{words.wire}</Table.Th>
              <Table.Th>{words.whatBecomesOfIt}</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {cost.fates
              .filter((fate) => disturbed.has(fate.wire))
              .map((fate) => (
                <Table.Tr key={fate.wire}>
                  <Table.Td className={textCss.figure}>
                    <b>{fate.wire}</b>
                  </Table.Td>
                  <Table.Td>{fateWords(fate)}</Table.Td>
                </Table.Tr>
              ))}
          </Table.Tbody>
        </Table>
        {outOfReach.map((one) => (
          <p key={one.wire} className={clsx(noteCss.note, noteCss.fault)}>
            ▲ <b className={textCss.mono}>{one.wire}</b> {words.isLongFromTo(one.lengthMm, one.ends[0], one.ends[1])}{' '}
            <b className={textCss.mono}>{one.like}</b> {words.hasGiveItIts(one.likeMm)}
          </p>
        ))}
        {kit.length > 0 && (
          <Table>
            <Table.Thead>
              <Table.Tr>
                <Table.Th>{words.part}</Table.Th>
                <Table.Th>{words.name}</Table.Th>
                <Table.Th>{words.kit}</Table.Th>
              </Table.Tr>
            </Table.Thead>
            <Table.Tbody>
              {kit.map((line) => (
                <Table.Tr key={line.part}>
                  <Table.Td className={textCss.figure}>{line.part}</Table.Td>
                  <Table.Td>{line.name}</Table.Td>
                  <Table.Td className={textCss.figure}>
                    {line.by > 0 ? 'needs' : 'frees'}{' '}
                    {line.unit === 'mm' ? metres(Math.abs(line.by)) : Math.abs(line.by)}
                  </Table.Td>
                </Table.Tr>
              ))}
            </Table.Tbody>
          </Table>
        )}
        {withoutSet.length > 0 && (
          <p className={clsx(noteCss.note, noteCss.attend)}>{words.wouldHaveNoWorkable(withoutSet.length)}</p>
        )}
        <p className={clsx(textCss.small, textCss.dim)}>{words.scrappedContactsSealsAnd}</p>
      </div>
      <div className={clsx(paneCss.two, styles.padded)}>
        <Button variant="filled" disabled={busy || unsaid} onClick={apply}>
          <span>{words.applyRevision}</span> <Kbd aria-hidden="true">Space</Kbd>
        </Button>
        <Button onClick={back}>
          <span>{words.backToPinout}</span> <Kbd aria-hidden="true">Esc</Kbd>
        </Button>
      </div>
    </section>
  )
}
