import type { ReactNode } from 'react'
import type { StepId } from './steps'
import styles from './PathRail.module.css'

const marks: Readonly<Record<StepId, ReactNode>> = {
  kind: <path d="M3 10h13v10H3zM16 12h5v6h-5M21 8h16v14H21z" />,
  housings: (
    <>
      <rect x="4" y="4" width="32" height="22" rx="5" />
      <circle cx="12" cy="11" r="2.4" />
      <circle cx="20" cy="11" r="2.4" />
      <circle cx="28" cy="11" r="2.4" />
      <circle cx="14" cy="20" r="3" />
      <circle cx="26" cy="20" r="3" />
    </>
  ),
  sizes: (
    <>
      <circle cx="13" cy="14" r="6" />
      <circle cx="29" cy="12" r="8" />
      <path d="M5 27h16M21 27h16" />
    </>
  ),
  contacts: <path d="M2 13h13v5H2zM15 15h4M19 10q3-3 6 0v8h-6zM27 10q3-3 6 0v8h-6zM33 15h5" />,
  small: <path d="M3 15h5M32 15h5M8 9h24v12H8zM13 9v12M18 9v12M23 9v12M28 9v12" />,
  locks: <path d="M6 5v20h4V5zM10 9h20v4H10M10 17h20v4H10" />,
  settings: (
    <>
      <circle cx="20" cy="15" r="10" />
      <path d="M20 15l5-5M20 5v3M30 15h-3M10 15h3" />
    </>
  ),
}

/** A step of the path by what it is about. Beside its name, which says the same. */
export const StepMark = ({ of }: { readonly of: StepId }) => (
  <svg className={styles.mark} viewBox="0 0 40 30" aria-hidden="true">
    {marks[of]}
  </svg>
)
