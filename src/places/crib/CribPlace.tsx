'use client'
import styles from './CribPlace.module.css'
import { cribPlaceWords as words } from '@/words/screens/crib/cribPlace'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { Button, Kbd } from '@mantine/core'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import type { Tool } from '@/core/parts/catalogue/types'
import { useKeys } from '@/ui/keys/KeyProvider'
import { PlaceFrame } from '@/ui/frame/PlaceFrame'
import { plural } from '@/words/figures'
import type { CribTool } from './cribModel'
import { InstrumentsPane } from './InstrumentsPane'
import { ToolForm } from './ToolForm'
import { ToolTable } from './ToolTable'

/** The tools of the bench with what they were verified for, and the instruments that are linked to it. */
export function CribPlace({
  tools,
  today,
  form,
}: {
  readonly tools: readonly CribTool[]
  readonly today: string
  /** a tool that is entered or changed */
  readonly form: { readonly tool: Tool | undefined; readonly taken: readonly string[] } | undefined
}) {
  const router = useRouter()
  useKeys(form ? [] : [{ key: 'n', words: words.newTool, run: () => router.push('/crib?show=new') }])
  const here = tools.filter((tool) => tool.held === 'crib')
  const overdue = here.filter((tool) => tool.dueOn !== undefined && tool.dueOn < today)
  return (
    <PlaceFrame
      place="crib"
      title={words.crib}
      sub={plural(here.length, 'tool')}
      find={tools.map((tool) => ({
        id: tool.id,
        kind: 'tool',
        words: tool.name,
        href: `/crib?tool=${encodeURIComponent(tool.id)}`,
      }))}
    >
      <div className={clsx(paneCss.station, styles.columns)}>
        <div className={paneCss.work}>
          {form ? (
            <section className={clsx(paneCss.panel, paneCss.panelFill)}>
              <ToolForm key={form.tool?.id} {...form} />
            </section>
          ) : (
            <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.tools}>
              <div className={clsx(paneCss.pageHead, styles.padded)}>
                <h2 className={textCss.cardTitle}>
                  {overdue.length === 0
                    ? words.nothingIsOverdue
                    : words.overdue(overdue.map((tool) => tool.id).join(', '))}
                </h2>
                <Button fullWidth={false} component={Link} href="/crib?show=new">
                  <span>{words.newTool}</span> <Kbd aria-hidden="true">N</Kbd>
                </Button>
              </div>
              <ToolTable tools={tools} today={today} />
            </section>
          )}
        </div>
        <InstrumentsPane />
      </div>
    </PlaceFrame>
  )
}
