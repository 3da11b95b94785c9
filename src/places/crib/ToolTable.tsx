import { Table } from '@mantine/core'
import { Link } from '@/ui/address/Link'
import { toolClasses } from '@/core/parts/catalogue/toolClasses'
import { useClock } from '@/ui/frame/Clock'
import paneCss from '@/ui/pane/pane.module.css'
import { HeadRow } from '@/ui/table/HeadRow'
import textCss from '@/ui/text/text.module.css'
import { day, money } from '@/words/figures'
import { cribPlaceWords as words } from '@/words/screens/crib/cribPlace'
import { heldToolWords, toolClassWords } from '@/words/tools'
import type { CribTool } from './cribModel'

const heads = [
  words.tool,
  words.name,
  words.classWord,
  words.crimps,
  words.price,
  words.contactsSince,
  words.verified,
  words.due,
]

/** Tools side by side: what each is, does, costs, and was verified for; a tool's number leads to what it is. */
export function ToolTable({ tools }: { readonly tools: readonly CribTool[] }) {
  return (
    <div className={paneCss.panelBody} tabIndex={0} role="region" aria-label={words.toolsWithTheirDates}>
      <Table>
        <HeadRow names={heads} />
        <Table.Tbody>
          {tools.map((tool) => (
            <ToolRow key={tool.id} tool={tool} />
          ))}
        </Table.Tbody>
      </Table>
    </div>
  )
}

function ToolRow({ tool }: { readonly tool: CribTool }) {
  const clock = useClock()
  const { due } = tool
  const { crimps, calibrated } = toolClasses[tool.class]
  const place = [tool.ownMark, tool.liesIn].filter(Boolean).join(', ')
  return (
    <Table.Tr>
      <Table.Td className={textCss.figure}>
        <Link className={textCss.plain} href={`/crib?tool=${encodeURIComponent(tool.id)}`}>
          <b>{tool.id}</b>
        </Link>
      </Table.Td>
      <Table.Td>
        {tool.name}
        {place !== '' && <span className={textCss.dim}> ({place})</span>}
        {tool.held !== 'crib' && <span className={textCss.dim}>, {heldToolWords[tool.held]}</span>}
      </Table.Td>
      <Table.Td className={textCss.dim}>
        {toolClassWords[tool.class]}
        {crimps && !calibrated && `, ${words.byHand}`}
      </Table.Td>
      <Table.Td className={textCss.figure}>{tool.crimps ?? ''}</Table.Td>
      <Table.Td className={textCss.figure}>{tool.price === undefined ? '' : money(tool.price)}</Table.Td>
      <Table.Td className={textCss.figure}>
        {tool.since === undefined ? (
          ''
        ) : (
          <Link className={textCss.plain} href="/ledger?show=tools">
            {tool.since}
          </Link>
        )}
      </Table.Td>
      <Table.Td>
        {tool.gaugedAt !== undefined ? (
          words.gauged(clock.date(tool.gaugedAt))
        ) : tool.doneOn === undefined ? (
          <span className={textCss.dim}>{words.none}</span>
        ) : (
          day(tool.doneOn)
        )}
      </Table.Td>
      <Table.Td className={due.kind === 'overdue' ? textCss.fault : undefined}>
        {due.kind === 'none'
          ? ''
          : due.kind === 'overdue' && due.strokes
            ? `▲ ${words.strokes(due.strokes.every)}`
            : `${due.kind === 'overdue' ? '▲ ' : ''}${day(due.dueOn)}`}
      </Table.Td>
    </Table.Tr>
  )
}
