import { Table } from '@mantine/core'
import clsx from 'clsx'
import type { HouseRules } from '@/core/parts/rules/houseRules'
import type { RuleGroup, RuleLine } from '@/core/parts/rules/ruleLines'
import rowsCss from '@/ui/table/rows.module.css'
import textCss from '@/ui/text/text.module.css'
import { ruleGroupWords, ruleValue, ruleWords } from '@/words/rules'
import { rulesPlaceWords as words } from '@/words/screens/rules/rulesPlace'
import { RuleField } from './RuleField'
import type { RulesModel } from './rulesData'
import styles from './RuleRows.module.css'

type School = RulesModel['schools'][number]

/** The rules without the mark that says whether a school ships. */
export const bare = ({ shipped: _shipped, ...rules }: School): HouseRules => rules

/** Each rule a row: what every school says, marked where it differs from the first, and what is being written. */
export function RuleRows({
  schools,
  lines,
  draft,
  onChange,
}: {
  readonly schools: readonly School[]
  readonly lines: readonly RuleLine[]
  /** rules of one's own that are being changed */
  readonly draft: HouseRules | undefined
  readonly onChange: (draft: HouseRules) => void
}) {
  const groups = [...new Set(lines.map((line) => line.group))]
  const first = schools[0]
  return (
    <Table.Tbody>
      {groups.map((group: RuleGroup) => [
        <Table.Tr key={group}>
          <Table.Th colSpan={schools.length + (draft ? 2 : 1)} scope="colgroup" className={styles.headCell}>
            {ruleGroupWords[group]}
          </Table.Th>
        </Table.Tr>,
        ...lines
          .filter((line) => line.group === group)
          .map((line) => (
            <Table.Tr key={line.id}>
              <Table.Td>
                <b>{ruleWords[line.id].name}</b>
                <span className={clsx(textCss.small, textCss.dim, textCss.block)}>{ruleWords[line.id].why}</span>
              </Table.Td>
              {schools.map((school) => {
                const differs =
                  first !== undefined &&
                  school !== first &&
                  ruleValue(line, bare(school)) !== ruleValue(line, bare(first))
                return (
                  <Table.Td key={school.id} className={differs ? rowsCss.ruleDiffers : undefined}>
                    {differs && (
                      <span aria-label={words.differs} className={textCss.act}>
                        ≠{' '}
                      </span>
                    )}
                    {ruleValue(line, bare(school))}
                  </Table.Td>
                )
              })}
              {draft && (
                <Table.Td>
                  <RuleField line={line} rules={draft} onChange={onChange} />
                </Table.Td>
              )}
            </Table.Tr>
          )),
      ])}
    </Table.Tbody>
  )
}
