'use client'
import Link from 'next/link'
import type { ReactNode } from 'react'
import { useColorScheme } from './useColorScheme'
import { FindButton } from '../find/FindButton'
import type { FindItem } from '../find/findItems'
import { useKeySheet } from '../keys/KeyProvider'
import { Mark } from './Mark'
import { OperatorSelect } from './Operator'

/** The frame around every page: mark and title, where one can go, find, who is here. */
export function Frame({ title, sub, nav, notices, foot, find, onScan, children }: {
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
          <button type="button" className="icon-button" onClick={toggle} aria-label={dark ? 'Light theme' : 'Dark theme'}>
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
