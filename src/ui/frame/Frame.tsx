'use client'
import Link from 'next/link'
import type { ReactNode } from 'react'
import { useCallOutSwitch } from '../callOut/callOut'
import { useColorScheme } from './useColorScheme'
import { FindButton } from '../find/FindButton'
import type { FindItem } from '../find/findItems'
import { useKeySheet } from '../keys/KeyProvider'
import { Mark } from './Mark'
import { OperatorSelect } from './Operator'

/** The frame around every page: mark and title, where one can go, find, who is here. */
export function Frame({
  title,
  sub,
  nav,
  notices,
  foot,
  find,
  onScan,
  children,
}: {
  readonly title: string
  readonly sub?: string | undefined
  readonly nav?: ReactNode
  readonly notices?: ReactNode
  readonly foot?: ReactNode
  readonly find: readonly FindItem[]
  readonly onScan?: ((text: string) => boolean) | undefined
  readonly children: ReactNode
}) {
  const showKeys = useKeySheet()
  const { dark, toggle } = useColorScheme()
  const callOut = useCallOutSwitch()
  return (
    <div className="frame">
      <header className="frame-head">
        <Link href="/" className="frame-mark" aria-label="Today, all open jobs">
          <Mark />
        </Link>
        <h1 className="frame-title">
          {title}
          {sub !== undefined && <small>{sub}</small>}
        </h1>
        <nav className="frame-nav" aria-label={nav ? 'Stations' : 'Places'}>
          {nav}
        </nav>
        <div className="frame-tools">
          <FindButton items={find} onScan={onScan} />
          <OperatorSelect />
          <button
            type="button"
            className="icon-button"
            onClick={callOut.toggle}
            aria-pressed={callOut.on}
            aria-label="Call out what is next"
            title="Call out what is next"
          >
            <svg
              width="18"
              height="18"
              viewBox="0 0 18 18"
              fill="none"
              stroke="currentColor"
              strokeWidth="1.6"
              strokeLinejoin="round"
              strokeLinecap="round"
              aria-hidden="true"
            >
              <path d="M2.5 6.8h3L9.5 3v12L5.5 11.2h-3z" fill={callOut.on ? 'currentColor' : 'none'} />
              <path d={callOut.on ? 'M12 6.2a4 4 0 0 1 0 5.6M14 4a7 7 0 0 1 0 10' : 'M12.5 7l4 4M16.5 7l-4 4'} />
            </svg>
          </button>
          <button
            type="button"
            className="icon-button"
            onClick={toggle}
            aria-label={dark ? 'Light theme' : 'Dark theme'}
          >
            {dark ? '☀' : '☾'}
          </button>
          <button type="button" className="icon-button mono" onClick={showKeys} aria-label="Keys of this screen">
            ?
          </button>
        </div>
      </header>
      <div className="frame-notices" role="status">
        {notices}
      </div>
      <main className="frame-body">{children}</main>
      {foot !== undefined && <footer className="frame-foot">{foot}</footer>}
    </div>
  )
}
