'use client'
import styles from './CribPlace.module.css'
import { cribPlaceWords as words } from '@/words/screens/crib/cribPlace'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { Button, Kbd } from '@mantine/core'
import { Link } from '@/ui/address/Link'
import { useRouter } from 'next/navigation'
import { useKeys } from '@/ui/keys/KeyProvider'
import { PlaceFrame } from '@/ui/frame/PlaceFrame'
import { later } from '@/ui/later/later'
import { plural } from '@/words/figures'
import type { CribTool, GapModel, ReachModel, VerifyModel } from './cribModel'
import { GapTable } from './GapTable'
import { InstrumentsPane } from './InstrumentsPane'
import type { ToolFormModel } from './ToolForm'
import { ToolAside } from './ToolAside'
import { ToolTable } from './ToolTable'

const ToolForm = later(
  () => import('./ToolForm'),
  (module) => module.ToolForm,
  <p className={textCss.dim}>{words.loading}</p>,
)

/** What the Crib shows beside its list. */
export type CribShown =
  | { readonly show: 'tools' }
  | { readonly show: 'gaps'; readonly gaps: readonly GapModel[] }
  | { readonly show: 'new'; readonly form: ToolFormModel }
  | {
      readonly show: 'tool'
      readonly form: ToolFormModel
      readonly id: string
      readonly verify: VerifyModel | undefined
      readonly reach: ReachModel | undefined
    }

/** The tools of the bench: what they are set by, what they were verified for, what they do of the shelf; and its instruments. */
export function CribPlace({ tools, shown }: { readonly tools: readonly CribTool[]; readonly shown: CribShown }) {
  const router = useRouter()
  useKeys(
    shown.show === 'tools' || shown.show === 'gaps'
      ? [
          { key: 'n', words: words.newTool, run: () => router.push('/crib?show=new') },
          shown.show === 'tools'
            ? { key: 'y', words: words.notYet, run: () => router.push('/crib?show=gaps') }
            : { key: 'y', words: words.allTools, run: () => router.push('/crib') },
        ]
      : [],
  )
  const here = tools.filter((tool) => tool.held === 'crib')
  const overdue = here.filter((tool) => tool.due.kind === 'overdue')
  return (
    <PlaceFrame
      place="crib"
      title={words.crib}
      sub={plural(here.length, 'tool')}
      find={tools.map((tool) => ({
        id: tool.id,
        kind: 'tool',
        words: [tool.name, tool.ownMark, tool.liesIn].filter(Boolean).join(', '),
        href: `/crib?tool=${encodeURIComponent(tool.id)}`,
      }))}
    >
      <div className={clsx(paneCss.station, styles.columns)}>
        <div className={paneCss.work}>
          {'form' in shown ? (
            <section className={clsx(paneCss.panel, paneCss.panelFill)}>
              <ToolForm key={shown.show === 'tool' ? shown.id : 'new'} {...shown.form} />
            </section>
          ) : (
            <section
              className={clsx(paneCss.panel, paneCss.panelFill)}
              aria-label={shown.show === 'gaps' ? words.notYet : words.tools}
            >
              <div className={clsx(paneCss.pageHead, styles.padded)}>
                <h2 className={textCss.cardTitle}>
                  {shown.show === 'gaps'
                    ? words.cannotCrimp(shown.gaps.length)
                    : overdue.length === 0
                      ? words.nothingIsOverdue
                      : words.overdue(overdue.map((tool) => tool.id).join(', '))}
                </h2>
                <span className={styles.acts}>
                  <Button fullWidth={false} component={Link} href={shown.show === 'gaps' ? '/crib' : '/crib?show=gaps'}>
                    <span>{shown.show === 'gaps' ? words.allTools : words.notYet}</span> <Kbd aria-hidden="true">Y</Kbd>
                  </Button>
                  <Button fullWidth={false} component={Link} href="/crib?show=new">
                    <span>{words.newTool}</span> <Kbd aria-hidden="true">N</Kbd>
                  </Button>
                </span>
              </div>
              {shown.show === 'gaps' ? <GapTable gaps={shown.gaps} /> : <ToolTable tools={tools} />}
            </section>
          )}
        </div>
        {shown.show === 'tool' && (shown.verify || shown.reach) ? (
          <ToolAside id={shown.id} verify={shown.verify} reach={shown.reach} />
        ) : (
          <InstrumentsPane />
        )}
      </div>
    </PlaceFrame>
  )
}
