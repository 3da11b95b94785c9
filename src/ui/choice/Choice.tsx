import clsx from 'clsx'
import { UnstyledButton, type UnstyledButtonProps } from '@mantine/core'
import type { ComponentPropsWithoutRef } from 'react'
import styles from './Choice.module.css'

type Props = UnstyledButtonProps &
  Omit<ComponentPropsWithoutRef<'button'>, keyof UnstyledButtonProps> & {
    /** as wide as its words, beside others of its kind */
    readonly inline?: boolean
    /** a code, not words */
    readonly mono?: boolean
  }

/** One of several that a hand picks from: what is picked is said by `aria-pressed`. */
export function Choice({ inline = false, mono = false, ...rest }: Props) {
  return <UnstyledButton className={clsx(styles.choice, inline && styles.inline, mono && styles.mono)} {...rest} />
}
