'use client'
import { Switch } from '@mantine/core'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { firstStartWords as words } from '@/words/screens/today/firstStart'
import { usePractice } from './usePractice'

/** The switch that leads into the practice workshop, beside one's own jobs. */
export function PracticePanel() {
  const { busy, fault, enter } = usePractice()
  return (
    <section className={paneCss.sidePanel} aria-label={words.practiceSwitch}>
      <Switch checked={busy} disabled={busy} label={words.practice} onChange={() => void enter()} />
      <p className={clsx(textCss.small, fault === undefined ? textCss.dim : textCss.fault)} role="status">
        {fault ?? (busy ? words.practiceOpens : words.practiceWhy)}
      </p>
    </section>
  )
}
