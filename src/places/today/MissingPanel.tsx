'use client'
import clsx from 'clsx'
import { Link } from '@/ui/address/Link'
import { type FirstNeed, firstNeeds } from '@/core/views/missingForFirstJob'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { missingPanelWords as words } from '@/words/screens/today/firstStart'
import styles from './FirstStart.module.css'

const leadsTo: Readonly<Record<FirstNeed, string | undefined>> = {
  name: undefined,
  connector: '/shelf?show=new',
  wire: '/shelf?show=wires',
  'crimp-tool': '/crib?show=new',
  stripper: '/crib?show=new',
  setting: '/crib',
  pinout: '/new',
}

/** What a first job still lacks, in order; the first of them is what to do now. */
export function MissingPanel({
  has,
  keptAt,
}: {
  readonly has: Readonly<Record<FirstNeed, boolean>>
  /** folder of the data; undefined when a database server keeps it */
  readonly keptAt: string | undefined
}) {
  const now = firstNeeds.find((need) => !has[need])
  return (
    <section className={paneCss.sidePanel} aria-label={words.title}>
      <h2>{words.title}</h2>
      <ul className={styles.missing}>
        {firstNeeds.map((need) => {
          const [name, about, place] = words.needs[need]
          const href = leadsTo[need]
          return (
            <li key={need} data-now={need === now}>
              <span aria-hidden="true" className={has[need] ? textCss.good : undefined}>
                {has[need] ? '✓' : need === now ? '▸' : '○'}
              </span>
              <span>
                <b>{name}</b>
                <span className={clsx(textCss.dim, textCss.small, styles.line)}>{about}</span>
              </span>
              {has[need] ? (
                <span className={textCss.good}>{words.there}</span>
              ) : href === undefined ? (
                <span className={textCss.mono}>{words.now}</span>
              ) : (
                <Link href={href} className={textCss.plain}>
                  {place}
                  <span className={textCss.hidden}>: {name}</span>
                </Link>
              )}
            </li>
          )
        })}
      </ul>
      <p className={clsx(textCss.small, textCss.dim)}>{words.about}</p>
      <p className={clsx(textCss.small, textCss.dim, styles.kept)}>
        {keptAt === undefined ? words.keptInServer : words.keptAt(keptAt)}
      </p>
    </section>
  )
}
