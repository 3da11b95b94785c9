'use client'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import readoutCss from '@/ui/readout/readout.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button, Kbd, Table } from '@mantine/core'
import type { ChangePreview } from '@/core/views/previewChange'
import { useKeys } from '@/ui/keys/KeyProvider'
import { metres, plural } from '@/words/figures'
import { fateWords } from '@/words/plan'

/** What a plan change does to work that is done, before it is applied. */
export function RevisionPane({
  preview,
  busy,
  apply,
  back,
}: {
  readonly preview: ChangePreview
  readonly busy: boolean
  readonly apply: () => void
  readonly back: () => void
}) {
  const { cost, kit, withoutSet, outOfReach } = preview
  const disturbed = new Set(cost.disturbed)
  useKeys([
    { key: 'Escape', words: 'Back to the pinout', run: back },
    { key: ' ', words: 'Apply the revision', run: apply },
  ])
  const figures: readonly (readonly [string, string])[] = [
    ['Contacts to take out', String(cost.extractions)],
    ['Contacts to scrap', String(cost.contactsScrapped.reduce((sum, one) => sum + one.count, 0))],
    ['Seals lost', String(cost.sealsScrapped.reduce((sum, one) => sum + one.count, 0))],
    ['To crimp again', String(cost.crimpedAgain)],
    ['Wire lost', metres(cost.wireLostMm)],
  ]
  return (
    <section className={clsx(paneCss.sheet, paneCss.sheetFill)} aria-label="Revision">
      <div className={paneCss.sheetHead}>
        <h2 className={textCss.cardTitle}>This change undoes work on {plural(cost.disturbed.length, 'wire')}</h2>
      </div>
      <div className={paneCss.sheetBody} style={{ padding: 16, display: 'flex', flexDirection: 'column', gap: 14 }}>
        <dl className={readoutCss.readouts}>
          {figures.map(([label, value]) => (
            <div
              key={label}
              className={clsx(readoutCss.readout, value === '0' || value === '0 mm' ? undefined : readoutCss.change)}
            >
              <dt>{label}</dt>
              <dd className={readoutCss.value}>{value}</dd>
            </div>
          ))}
        </dl>
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th>Wire</Table.Th>
              <Table.Th>What becomes of it</Table.Th>
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
            ▲ <b className={textCss.mono}>{one.wire}</b> is {metres(one.lengthMm)} long: from {one.ends[0]} to{' '}
            {one.ends[1]} even <b className={textCss.mono}>{one.like}</b> has {metres(one.likeMm)}. Give it its new
            length, and it is cut anew.
          </p>
        ))}
        {kit.length > 0 && (
          <Table>
            <Table.Thead>
              <Table.Tr>
                <Table.Th>Part</Table.Th>
                <Table.Th>Name</Table.Th>
                <Table.Th>Kit</Table.Th>
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
          <p className={clsx(noteCss.note, noteCss.attend)}>
            ◆ {plural(withoutSet.length, 'termination')} would have no workable set: Kit says why.
          </p>
        )}
        <p className={clsx(textCss.small, textCss.dim)}>
          Scrapped contacts, seals and wire are counted; what is taken out and seated again stands at Seat, what is made
          again at Prep and Crimp.
        </p>
      </div>
      <div className={paneCss.two} style={{ padding: 12 }}>
        <Button variant="filled" disabled={busy} onClick={apply}>
          <span>Apply the revision</span> <Kbd aria-hidden="true">Space</Kbd>
        </Button>
        <Button onClick={back}>
          <span>Back to the pinout</span> <Kbd aria-hidden="true">Esc</Kbd>
        </Button>
      </div>
    </section>
  )
}
