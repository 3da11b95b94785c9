import { Table } from '@mantine/core'
import { HeadRow } from '@/ui/table/HeadRow'
import { useJob } from '@/ui/job/JobProvider'
import { setKey } from '@/core/record/plan/keys'
import { list } from '@/words/figures'
import { wholeJobWords as words } from '@/words/screens/kit/wholeJob'
import type { WholeJobChoice } from '@/core/work/kit/wholeJob'
import { setupId, setupIdLabel } from '@/core/craft/setup/setup'
import type { KitProblems } from './kitData'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'

/** Like terminations, a line a group: how many ways there are, and the one that is chosen now or would be. */
export function KitGroups({
  problems,
  chosen,
}: {
  readonly problems: KitProblems
  readonly chosen: WholeJobChoice | undefined
}) {
  const { state } = useJob()
  return (
    <section className={clsx(paneCss.panel, paneCss.panelFill)}>
      <div className={paneCss.panelHead}>
        <span>
          {words.ofLikeTerminations(problems.problem.groups.length)}
          {problems.problem.blocked.length > 0 && (
            <b className={textCss.fault}>
              {' '}
              {words.nothingFits(
                list(
                  problems.problem.blocked.map((one) => `${one.wire}${one.side}`),
                  5,
                ),
              )}
            </b>
          )}
        </span>
      </div>
      <div className={paneCss.panelBody}>
        <Table>
          <HeadRow names={[words.terminations, words.ways, words.chosen, words.setup]} />
          <Table.Tbody>
            {problems.problem.groups.map((group, g) => {
              const first = group.sides[0]
              const current = first && state.sets.get(setKey(first.wire, first.side))
              const option = chosen
                ? group.options[chosen.options[g] ?? 0]
                : group.options.find(
                    (one) =>
                      one.set.contact === current?.contact &&
                      one.set.seal === current.seal &&
                      one.setup === setupId(current.setup),
                  )
              return (
                <Table.Tr key={group.id}>
                  <Table.Td>
                    <b className={textCss.mono}>{group.sides.length}×</b>{' '}
                    <span className={clsx(textCss.small, textCss.dim)}>
                      {list(
                        group.sides.map((one) => `${one.wire}${one.side}`),
                        4,
                      )}
                    </span>
                  </Table.Td>
                  <Table.Td className={textCss.figure}>
                    {group.fixed === 'by-hand'
                      ? words.byHand
                      : group.fixed === 'begun'
                        ? words.begun
                        : group.options.length}
                  </Table.Td>
                  <Table.Td
                    className={textCss.figure}
                    title={option?.parts.map((part) => problems.names[part] ?? part).join(', ')}
                  >
                    {option ? option.parts.join(' + ') : '–'}
                  </Table.Td>
                  <Table.Td className={textCss.figure}>{option ? setupIdLabel(option.setup) : words.noneYet}</Table.Td>
                </Table.Tr>
              )
            })}
          </Table.Tbody>
        </Table>
      </div>
    </section>
  )
}
