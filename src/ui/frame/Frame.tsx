'use client'
import { frameWords as words } from '@/words/screens/frame/frame'
import styles from './Frame.module.css'
import { ActionIcon } from '@mantine/core'
import IconMenu2 from '@tabler/icons-react/icons/IconMenu2'
import IconMoon from '@tabler/icons-react/icons/IconMoon'
import IconQuestionMark from '@tabler/icons-react/icons/IconQuestionMark'
import IconSun from '@tabler/icons-react/icons/IconSun'
import IconVolume from '@tabler/icons-react/icons/IconVolume'
import IconVolumeOff from '@tabler/icons-react/icons/IconVolumeOff'
import IconX from '@tabler/icons-react/icons/IconX'
import clsx from 'clsx'
import { Link } from '@/ui/address/Link'
import { usePathname } from 'next/navigation'
import { memo, type MouseEvent, type ReactNode, useState } from 'react'
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
  /** where one is, in a few words: on a narrow screen it stands in the place of the links */
  readonly here?: string | undefined
  readonly navName: string
  readonly notices?: ReactNode
  readonly foot?: ReactNode
  /** what is worked on here is worked on by pedal too */
  readonly pedal?: boolean
  readonly find: () => readonly FindItem[]
  readonly onScan?: ((text: string) => boolean) | undefined
  readonly children: ReactNode
}

/** The frame around every page: mark and title, where one can go, find, who is here. */
export function Frame({ title, sub, nav, here, navName, notices, foot, pedal, find, onScan, children }: FrameProps) {
  // what was opened on one page is closed on the next
  const path = usePathname()
  const [openAt, setOpenAt] = useState<string>()
  const open = openAt === path
  return (
    <div className={styles.frame}>
      <header>
        <PracticeStrip />
        <div className={styles.frameHead} data-open={open}>
          <Link href="/" className={styles.frameMark} aria-label={words.todayAllOpenJobs}>
            <Mark />
          </Link>
          <h1 className={styles.frameTitle}>
            {title}
            {sub !== undefined && <small>{sub}</small>}
          </h1>
          {here !== undefined && <span className={styles.here}>{here}</span>}
          <ActionIcon
            className={clsx(styles.icon, styles.menu)}
            aria-label={words.menu}
            aria-expanded={open}
            onClick={() => setOpenAt(open ? undefined : path)}
          >
            {open ? <IconX size={18} /> : <IconMenu2 size={18} />}
          </ActionIcon>
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
      <FindButton find={find} onScan={onScan} />
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
