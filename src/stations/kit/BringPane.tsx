'use client'
import { Button, Kbd, Table } from '@mantine/core'
import clsx from 'clsx'
import { useMemo } from 'react'
import { bringKey, bringList } from '@/core/views/bringList'
import { kitList, kitTotal } from '@/core/work/kit/kitList'
import { CheckList, type CheckLine, useChecks } from '@/ui/card/CheckList'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import paneCss from '@/ui/pane/pane.module.css'
import { HeadRow } from '@/ui/table/HeadRow'
import textCss from '@/ui/text/text.module.css'
import { bringWords } from '@/words/bring'
import { metres } from '@/words/figures'
import { bringPaneWords as words } from '@/words/screens/kit/bringPane'

/** What to bring to the bench before the first wire is cut: every tool with its end and size, parts with spares, what is used up. */
export function BringPane({ close }: { readonly close: () => void }) {
  const { state, tell } = useJob()
  const items = useMemo(() => bringList(state), [state])
  const parts = useMemo(() => kitList(state), [state])
  const lines = items.map((item): CheckLine => {
    const { what, part, with: more } = bringWords(item)
    return {
      id: bringKey(item),
      words: (
        <>
          {part !== '' && <b className={textCss.mono}>{part} </b>}
          {what}
        </>
      ),
      hint: more === '' ? undefined : more,
      seen: words.isHere(part === '' ? what : part),
    }
  })
  const all: readonly CheckLine[] = [
    ...lines,
    { id: 'parts', words: words.partsOf(parts.length), seen: words.partsAreHere },
  ]
  // ticked as long as the list says the same
  const checks = useChecks('bring', all, all.map(({ id }) => id).join(' '))
  useKeys([{ key: 'Escape', words: words.backToTerminations, run: close }])
  return (
    <>
      <div className={paneCss.work} tabIndex={0} role="region" aria-label={words.partsWithSpares}>
        <section className={clsx(paneCss.panel, paneCss.panelFill)}>
          <div className={paneCss.panelHead}>
            <b>{words.partsWithSpares}</b>
          </div>
          <div className={paneCss.panelBody}>
            <Table>
              <HeadRow names={[words.part, words.what, words.together]} />
              <Table.Tbody>
                {parts.map((line) => (
                  <Table.Tr key={line.part}>
                    <Table.Td className={textCss.figure}>{line.part}</Table.Td>
                    <Table.Td>{line.name}</Table.Td>
                    <Table.Td className={textCss.figure}>
                      <b>{line.unit === 'mm' ? metres(kitTotal(line)) : kitTotal(line)}</b>
                    </Table.Td>
                  </Table.Tr>
                ))}
              </Table.Tbody>
            </Table>
          </div>
        </section>
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.whatToBring}>
        <h2 className={textCss.cardTitle}>{words.whatToBring}</h2>
        <CheckList
          lines={all}
          checks={checks}
          main={words.allIsHere}
          busy={false}
          onMain={() => {
            tell({ tone: 'good', text: words.allIsAtBench })
            close()
          }}
        />
        <Button onClick={close}>
          <span>{words.backToTerminations}</span> <Kbd aria-hidden="true">Esc</Kbd>
        </Button>
      </aside>
    </>
  )
}
