'use client'
import { later } from '../later/later'
import type { FileZoneProps } from './FileZone'
import styles from './FileDrop.module.css'

// what takes dropped files is fetched when a screen that wants some is open
const FileZone = later(
  () => import('./FileZone'),
  (module) => module.FileZone,
  <div className={styles.zone} aria-hidden="true" />,
)

/** A place for one file: dropped on it, or chosen from the disk. What is in it is for the caller to judge. */
export const FileDrop = (props: FileZoneProps) => <FileZone {...props} />
