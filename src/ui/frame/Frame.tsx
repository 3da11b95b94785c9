'use client'
import { frameWords as words } from '@/words/screens/frame/frame'
import styles from './Frame.module.css'
import { ActionIcon } from '@mantine/core'
import { IconMoon, IconQuestionMark, IconSun, IconVolume, IconVolumeOff } from '@tabler/icons-react'
import Link from 'next/link'
import { memo, type MouseEvent, type ReactNode } from 'react'
import { useCallOutSwitch } from '../callOut/callOut'
import { useColorScheme } from './useColorScheme'
import { FindButton } from '../find/FindButton'
import type { FindItem } from '../find/findItems'
import { useKeyDrawer } from '../keys/KeyProvider'
import { Mark } from './Mark'
import { OperatorSelect } from './Operator'
import { PracticeStrip } from './PracticeStrip'

interface FrameProps {
  readonly title: string
  readonly sub?: string | undefined
  readonly nav?: ReactNode
  readonly navName: string
  readonly notices?: ReactNode
  readonly foot?: ReactNode
  /** what is worked on here is worked on by pedal too */
  readonly pedal?: boolean
  readonly find: readonly FindItem[]
  readonly onScan?: ((text: string) => boolean) | undefined
  readonly children: ReactNode
}

/** The frame around every page: mark and title, where one can go, find, who is here. */
export function Frame({ title, sub, nav, navName, notices, foot, pedal, find, onScan, children }: FrameProps) {
  return (
    <div className={styles.frame}>
      <header>
        <PracticeStrip />
        <div className={styles.frameHead}>
          <Link href="/" className={styles.frameMark} aria-label={words.todayAllOpenJobs}>
            <Mark />
          </Link>
          <h1 className={styles.frameTitle}>
            {title}
            {sub !== undefined && <small>{sub}</small>}
          </h1>
          <nav className={styles.frameNav} aria-label={navName}>
            {nav}
          </nav>
          <Tools find={find} onScan={onScan} />
        </div>
      </header>
      <div className={styles.frameNotices} role="status">
        {notices}
      </div>
      <main className={styles.frameBody} data-pedal={pedal ? true : undefined}>
        {children}
      </main>
      {foot !== undefined && <footer className={styles.frameFoot}>{foot}</footer>}
    </div>
  )
}

/** A switch that was clicked leaves the keys and the pedal to the card; who comes by Tab has it as ever. */
const keepFocus = (event: MouseEvent) => {
  if (event.target instanceof Element && event.target.closest('button')) event.preventDefault()
}

/** Find, who is here, and the switches: an entry of a job changes none of them. */
const Tools = memo(function Tools({ find, onScan }: Pick<FrameProps, 'find' | 'onScan'>) {
  const showKeys = useKeyDrawer()
  const { dark, toggle } = useColorScheme()
  const callOut = useCallOutSwitch()
  return (
    <div className={styles.frameTools} onMouseDown={keepFocus}>
      <FindButton items={find} onScan={onScan} />
      <OperatorSelect />
      <ActionIcon
        className={styles.icon}
        onClick={callOut.toggle}
        aria-pressed={callOut.on}
        aria-label={words.callOutWhatIs}
        title={words.callOutWhatIs}
      >
        {callOut.on ? <IconVolume size={18} /> : <IconVolumeOff size={18} />}
      </ActionIcon>
      <ActionIcon className={styles.icon} onClick={toggle} aria-label={dark ? words.lightTheme : words.darkTheme}>
        {dark ? <IconSun size={18} /> : <IconMoon size={18} />}
      </ActionIcon>
      <ActionIcon className={styles.icon} onClick={showKeys} aria-label={words.keysOfThisScreen}>
        <IconQuestionMark size={18} />
      </ActionIcon>
    </div>
  )
})
