import type { ReactNode } from 'react'
import type { ReleaseId } from '@/core/parts/catalogue/releaseMechanisms'
import { releaseMechanisms } from '@/core/parts/catalogue/releaseMechanisms'
import type { LockId } from '@/core/parts/catalogue/secondaryLocks'
import type { FamilyInput } from '@/core/parts/catalogue/types'
import { seatedMoment } from '@/core/craft/release/contactScene'
import { CavityDrawing } from '@/ui/release/CavityDrawing'
import { heldWords } from '@/words/release'
import styles from './KindPictures.module.css'

/** Kinds of connectors in small pictures: how the wire is sealed, how a contact is held, what locks behind it. */

const wire = (y: number) => <path className={styles.wire} d={`M24 ${String(y - 2)}h36v4h-36z`} />
const body = <path className={styles.body} d="M4 4h30v32h-30z" />
const contact = (y: number) => <path className={styles.metal} d={`M8 ${String(y - 2)}h20v4h-20z`} />
const both = (of: (y: number) => ReactNode) => (
  <>
    {of(13)}
    {of(27)}
  </>
)

const sealings: Readonly<Record<FamilyInput['sealing'], ReactNode>> = {
  none: (
    <>
      {body}
      {both(wire)}
      {both(contact)}
    </>
  ),
  'wire-seal': (
    <>
      {body}
      {both(wire)}
      {both(contact)}
      {both((y) => (
        <path
          className={styles.seal}
          d={`M33 ${String(y - 4)}h3v-1.5h2v1.5h3v-1.5h2v1.5h3v8h-3v1.5h-2v-1.5h-3v1.5h-2v-1.5h-3z`}
        />
      ))}
    </>
  ),
  'mat-seal': (
    <>
      {body}
      <path className={styles.seal} d="M34 4h10v6h-10zM34 16h10v8h-10zM34 30h10v6h-10z" />
      {both(wire)}
      {both(contact)}
    </>
  ),
  'mat-self-piercing': (
    <>
      {body}
      <path className={styles.seal} d="M34 4h10v32h-10z" />
      {wire(13)}
      {contact(13)}
      <path className={styles.metal} d="M46 25h12v4h-12l-4 -2z" />
    </>
  ),
}

/** How the wires of a family are sealed. */
export const SealingPicture = ({ of }: { readonly of: FamilyInput['sealing'] }) => (
  <svg className={styles.picture} viewBox="0 0 64 40" aria-hidden="true">
    {sealings[of]}
  </svg>
)

/** How a contact is held, cut open from the side. */
export const HeldPicture = ({ of }: { readonly of: ReleaseId }) => (
  <span className={styles.held} aria-hidden="true">
    {of === 'none' ? (
      <svg className={styles.picture} viewBox="0 0 64 40">
        <path className={styles.body} d="M4 4h30v32h-30z" />
        <path className={styles.metal} d="M8 18h34v4h-34z" />
        <circle className={styles.metal} cx="20" cy="20" r="6" />
        <path className={styles.wire} d="M42 17h18v6h-18zM16 20h8" />
      </svg>
    ) : (
      <CavityDrawing mechanism={releaseMechanisms[of]} moment={seatedMoment} colour="RD" name={heldWords[of]} bare />
    )}
  </span>
)

const locks: Readonly<Record<LockId, ReactNode>> = {
  none: (
    <>
      {body}
      {both(contact)}
    </>
  ),
  wedge: (
    <>
      {body}
      {both(contact)}
      <path className={styles.lock} d="M2 18h26v4h-26zM-4 10h6v20h-6z" />
    </>
  ),
  'tail-cover': (
    <>
      {body}
      {both(contact)}
      {both(wire)}
      <path className={styles.lock} d="M36 2h8v7h-8zM36 17h8v6h-8zM36 31h8v7h-8z" />
    </>
  ),
  comb: (
    <>
      {body}
      {both(contact)}
      <path className={styles.lock} d="M16 -4h8v34h-2v-12h-4v12h-2z" />
    </>
  ),
  cap: (
    <>
      {body}
      {both(contact)}
      <path className={styles.lock} d="M34 4l-28 -9l-1 3l28 9z" />
    </>
  ),
  gate: (
    <>
      {body}
      {both(contact)}
      <path className={styles.lock} d="M-3 4h5v32h-5zM36 2h5v36h-5z" />
    </>
  ),
}

/** A kind of second lock. */
export const LockPicture = ({ of }: { readonly of: LockId }) => (
  <svg className={styles.picture} viewBox="-8 -8 72 56" aria-hidden="true">
    {locks[of]}
  </svg>
)
