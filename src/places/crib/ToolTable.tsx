import { Table } from '@mantine/core'
import Link from 'next/link'
import { useClock } from '@/ui/frame/Clock'
import paneCss from '@/ui/pane/pane.module.css'
import { HeadRow } from '@/ui/table/HeadRow'
import textCss from '@/ui/text/text.module.css'
import { day } from '@/words/figures'
import { cribPlaceWords as words } from '@/words/screens/crib/cribPlace'
import { heldToolWords, toolClassWords } from '@/words/tools'
import type { CribTool } from './cribModel'

const heads = [words.tool, words.name, words.classWord, words.contactsSince, words.verified, words.due]

/** Tools with what they were verified for; a tool's number leads to what it is. */
export function ToolTable({ tools, today }: { readonly tools: readonly CribTool[]; readonly today: string }) {
  return (
    <div className={paneCss.panelBody} tabIndex={0} role="region" aria-label={words.toolsWithTheirDates}>
      <Table>
        <HeadRow names={heads} />
        <Table.Tbody>
          {tools.map((tool) => (
            <ToolRow key={tool.id} tool={tool} today={today} />
          ))}
        </Table.Tbody>
      </Table>
    </div>
  )
}

function ToolRow({ tool, today }: { readonly tool: CribTool; readonly today: string }) {
  const clock = useClock()
  const late = tool.dueOn !== undefined && tool.dueOn < today
  return (
    <Table.Tr>
      <Table.Td className={textCss.figure}>
        <Link className={textCss.plain} href={`/crib?tool=${encodeURIComponent(tool.id)}`} prefetch={false}>
          <b>{tool.id}</b>
        </Link>
      </Table.Td>
      <Table.Td>
        {tool.name}
        {tool.held !== 'crib' && <span className={textCss.dim}>, {heldToolWords[tool.held]}</span>}
      </Table.Td>
      <Table.Td className={textCss.dim}>{toolClassWords[tool.class]}</Table.Td>
      <Table.Td className={textCss.figure}>
        {tool.since === undefined ? (
          ''
        ) : (
          <Link className={textCss.plain} href="/ledger?show=tools" prefetch={false}>
            {tool.since}
          </Link>
        )}
      </Table.Td>
      <Table.Td>
        {tool.gaugedAt !== undefined ? (
          `gauged ${clock.date(tool.gaugedAt)}`
        ) : tool.doneOn === undefined ? (
          <span className={textCss.dim}>{words.none}</span>
        ) : (
          day(tool.doneOn)
        )}
      </Table.Td>
      <Table.Td className={late ? textCss.fault : undefined}>
        {tool.dueOn === undefined ? '' : `${late ? '▲ ' : ''}${day(tool.dueOn)}`}
      </Table.Td>
    </Table.Tr>
  )
}
