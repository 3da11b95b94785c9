import { Button, Table } from '@mantine/core'
import clsx from 'clsx'
import { HeadRow } from '@/ui/table/HeadRow'
import textCss from '@/ui/text/text.module.css'
import { amps, list, mm2, money, plural } from '@/words/figures'
import { familyPaneWords as texts } from '@/words/screens/plan/familyPane'
import type { FamilyAnswerWords } from './familyActions'

/** Families side by side: those that would do first, each other one with what it lacks for this wish. */
export function FamilySides({
  answers,
  free,
  add,
}: {
  readonly answers: readonly FamilyAnswerWords[]
  /** what a new end would be called */
  readonly free: string
  readonly add: (housing: string) => void
}) {
  return (
    <Table aria-label={texts.sideBySide}>
      <HeadRow names={[texts.family, texts.carriesAtMost, texts.tools, texts.forThisWish]} />
      <Table.Tbody>
        {answers.map(({ family, name, made, housing, more, why, side }) => (
          <Table.Tr key={family}>
            <Table.Td>
              <span
                className={housing ? textCss.good : textCss.dim}
                role="img"
                aria-label={housing ? texts.qualifies : texts.doesNotQualify}
              >
                {housing ? '✓' : '✕'}
              </span>{' '}
              <b>{name}</b>
              <span className={clsx(textCss.small, textCss.dim, textCss.block)}>{made}</span>
            </Table.Td>
            <Table.Td className={textCss.figure}>
              {side.mostA === undefined ? texts.notOnSheet : amps(side.mostA)}
              <span className={clsx(textCss.small, textCss.dim, textCss.under)}>
                {[
                  side.mostMm2 !== undefined && mm2(side.mostMm2),
                  plural(side.mostWays, 'way'),
                  side.clips && texts.clips,
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </span>
            </Table.Td>
            <Table.Td className={textCss.figure}>
              {side.tools.length === 0 ? (
                <span className={textCss.caution}>◆ {texts.noTool}</span>
              ) : (
                list(
                  side.tools.map((tool) => tool.id),
                  2,
                )
              )}
              {side.toolPrice !== undefined && (
                <span className={clsx(textCss.small, textCss.caution, textCss.under)}>
                  {texts.toBuyFor(money(side.toolPrice))}
                </span>
              )}
            </Table.Td>
            <Table.Td className={housing ? undefined : textCss.dim}>
              {housing ? (
                <>
                  {housing.name}, {plural(housing.ways, 'way')}
                  {more > 0 && texts.andLargerOrOther(more)}
                  {housing.mates.length > 0 && (
                    <span className={clsx(textCss.small, textCss.dim, textCss.block)}>
                      {texts.matesWith(list([...housing.mates], 3))}
                    </span>
                  )}
                  <Button fullWidth={false} onClick={() => add(housing.id)}>
                    <span>{texts.addAsEnd(free)}</span>
                  </Button>
                </>
              ) : (
                why
              )}
            </Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  )
}
