import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import { constructionWords } from '@/words/families'
import { reachPanelWords as words } from '@/words/screens/crib/toolForm'
import type { ReachModel } from './cribModel'
import styles from './ReachPanel.module.css'

/** So many of each list are shown: the rest is counted. */
const SHOWN = 8

/** What of the shelf a tool crimps, and what it does not yet. */
export function ReachPanel({ reach: { crimps, noRow, never } }: { readonly reach: ReachModel }) {
  return (
    <>
      <section aria-label={words.crimps}>
        <h2 className={textCss.cardTitle}>{words.crimps}</h2>
        {crimps.length === 0 && <p className={textCss.dim}>{words.nothing}</p>}
        <ul className={styles.list}>
          {crimps.slice(0, SHOWN).map(({ id, name, minMm2, maxMm2 }) => (
            <li key={id}>
              <span className={textCss.good} aria-hidden="true">
                ✓
              </span>
              <span>{name}</span>
              <span className={textCss.figure}>{words.wire(minMm2, maxMm2)}</span>
            </li>
          ))}
        </ul>
        <More count={crimps.length - SHOWN} />
      </section>
      {(noRow.length > 0 || never.length > 0) && (
        <section aria-label={words.notYet}>
          <h2 className={textCss.cardTitle}>{words.notYet}</h2>
          <ul className={styles.list}>
            {noRow.slice(0, SHOWN).map(({ id, name, by }) => (
              <li key={id}>
                <span className={textCss.dim} aria-hidden="true">
                  ○
                </span>
                <span>{name}</span>
                <span className={textCss.dim}>{by.length === 0 ? words.noRow : words.by(by)}</span>
              </li>
            ))}
            {never.map((construction) => (
              <li key={construction}>
                <span className={textCss.fault} aria-hidden="true">
                  ▲
                </span>
                <span>{constructionWords[construction]}</span>
                <span className={textCss.fault}>{words.never}</span>
              </li>
            ))}
          </ul>
          <More count={noRow.length - SHOWN} />
        </section>
      )}
    </>
  )
}

const More = ({ count }: { readonly count: number }) =>
  count > 0 ? <p className={clsx(textCss.small, textCss.dim)}>{words.more(count)}</p> : null
