import { NativeSelect } from '@mantine/core'
import clsx from 'clsx'
import { columnsToName } from '@/core/record/grid/guessHeadings'
import { type ColumnId, pinoutColumns } from '@/core/record/grid/pinoutColumns'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { headingMapWords as words } from '@/words/screens/newJob/headingMap'
import type { NamedHeading } from './useHeadings'
import styles from './HeadingMap.module.css'

/** Headings of somebody's own words, each with the column that it is taken for: set right here, and remembered. */
export function HeadingMap({
  own,
  tell,
}: {
  readonly own: readonly NamedHeading[]
  readonly tell: (heading: string, column: ColumnId | '') => void
}) {
  return (
    <section className={clsx(noteCss.note, noteCss.attend, styles.map)} aria-label={words.headings}>
      <p>
        <b>◆ {words.notKnown(own.length)}</b> {words.whatTheyMean}
      </p>
      <div className={styles.fields}>
        {own.map(({ heading, column, guessed }) => (
          <NativeSelect
            key={heading}
            label={
              <>
                <b className={textCss.mono}>{heading}</b> {guessed && column !== undefined && words.guessed}
              </>
            }
            value={column ?? ''}
            onChange={(event) => {
              const said = event.target.value
              tell(heading, columnsToName.find((one) => one === said) ?? '')
            }}
          >
            <option value="">{words.notRead}</option>
            {columnsToName.map((one) => (
              <option key={one} value={one}>
                {pinoutColumns[one].heading}
              </option>
            ))}
          </NativeSelect>
        ))}
      </div>
    </section>
  )
}
