'use client'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { Button, Kbd, Table } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { figure, mm, plural, range } from '@/words/figures'
import { setupWords } from '@/words/crimp'
import type { KitOptions, KitRejected, KitSet } from './kitOptions'

/** A termination that no set takes: by how much, and what would do. */
export function BlockedSheet({
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
  const seal = nearest?.code === 'seal-tears' || nearest?.code === 'seal-leaks'
  const noTool = nearest?.code === 'no-tool'
  const largest = Math.max(...windows.map((one) => one.maxMm))
  const smallest = Math.min(...windows.map((one) => one.minMm))
  return (
    <>
      <section className={paneCss.sheet} style={{ padding: '14px 16px' }}>
        <h2 className={textCss.cardTitle} style={{ fontSize: 22, marginBottom: 10 }}>
          {seal ? (
            <>
              No seal closes round this wire: <span className={textCss.mono}>{mm(insulationMm)}</span>,{' '}
              {nearest.code === 'seal-tears' ? (
                <>
                  the largest takes <span className={textCss.mono}>{figure(largest, 2)}</span>
                </>
              ) : (
                <>
                  the smallest takes <span className={textCss.mono}>{figure(smallest, 2)}</span>
                </>
              )}
            </>
          ) : (
            <>Nothing fits: {nearest?.words ?? 'no contact of this family on the shelf'}</>
          )}
        </h2>
        {seal && <Windows windows={windows} insulationMm={insulationMm} />}
      </section>
      <section className={paneCss.sheet} style={{ padding: '10px 12px' }}>
        <h3 style={{ fontSize: 15, padding: '2px 4px 8px' }}>What would do</h3>
        {noTool && (
          <Button onClick={showTools}>
            <span>
              <b>{nearest.contact}</b> fits: a tool is all that is missing. What it costs to buy or borrow one
            </span>{' '}
            <Kbd aria-hidden="true">B</Kbd>
          </Button>
        )}
        {remedies.length === 0 && !noTool && (
          <p className={textCss.dim} style={{ padding: 4 }}>
            No other wire of this size on the shelf fits both ends. Measure the wire again, or choose another housing
            for this end in the plan.
          </p>
        )}
        <div className={paneCss.choices}>
          {remedies.map((remedy, i) => (
            <Choice key={remedy.wireType} aria-pressed={i === picked} onClick={() => onPick(i)}>
              <Kbd aria-hidden="true">{i + 1}</Kbd>
              <span>
                <b>{remedy.name}</b>, {mm(remedy.insulationMm)}
                <span className={clsx(textCss.small, textCss.dim)} style={{ display: 'block' }}>
                  then contact {remedy.contact}
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
    <Table style={{ borderSpacing: '0 6px' }}>
      <Table.Tbody>
        {windows.map((one) => (
          <Table.Tr key={one.name}>
            <Table.Td className={textCss.mono} style={{ width: 110 }}>
              {one.name}
            </Table.Td>
            <Table.Td>
              <div
                style={{ position: 'relative', height: 9, borderRadius: 4, background: 'var(--wash)' }}
                aria-hidden="true"
              >
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
            <Table.Td className={clsx(textCss.mono, textCss.dim)} style={{ width: 120, textAlign: 'right' }}>
              {range(one.minMm, one.maxMm)}
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
    <section className={paneCss.sheet} style={{ padding: '10px 12px' }}>
      <h2 style={{ fontSize: 15, padding: '2px 4px 8px' }}>
        Works{' '}
        <span className={textCss.dim} style={{ fontWeight: 400 }}>
          best first
        </span>
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
              <span className={clsx(textCss.small, textCss.dim)} style={{ display: 'block' }}>
                {setupWords(set.set.setup)}
                {set.set.setup.notchMm !== undefined && `, notch ${set.set.setup.notchMm} mm`}, strip{' '}
                {figure(set.set.strip.nominalMm, 1)} mm
              </span>
            </span>
            <span className={clsx(textCss.mono, textCss.small)}>
              {isChosen(set) ? '✓ chosen' : figure(set.score, 2)}
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
    <section className={clsx(paneCss.sheet, paneCss.sheetFill)} style={{ minHeight: 160 }}>
      <h2 style={{ fontSize: 15, padding: '12px 16px 4px' }}>
        Why the others are out{' '}
        <span className={textCss.dim} style={{ fontWeight: 400 }}>
          {plural(rejected.length, 'candidate')}, nearest first
        </span>
      </h2>
      <div className={paneCss.sheetBody} tabIndex={0} role="region" aria-label="Why the others are out">
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">contact</Table.Th>
              <Table.Th scope="col">seal</Table.Th>
              <Table.Th scope="col">reason</Table.Th>
              <Table.Th scope="col">off by</Table.Th>
              <Table.Th scope="col">cured by</Table.Th>
            </Table.Tr>
          </Table.Thead>
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
