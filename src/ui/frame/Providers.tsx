'use client'
import { MantineProvider } from '@mantine/core'
import { NuqsAdapter } from 'nuqs/adapters/next/app'
import type { ReactNode } from 'react'
import { KeyProvider } from '../keys/KeyProvider'
import { cssVariables, theme } from '../theme/theme'
import { OperatorProvider, type Operator } from './Operator'

/** What every page stands in: theme, keys, who is at the bench, the address as it is read and written. */
export function Providers({
  nonce,
  people,
  operator,
  children,
}: {
  readonly nonce: string
  readonly people: readonly Operator[]
  readonly operator: Operator | undefined
  readonly children: ReactNode
}) {
  return (
    <MantineProvider
      theme={theme}
      cssVariablesResolver={cssVariables}
      defaultColorScheme="auto"
      getStyleNonce={() => nonce}
    >
      <OperatorProvider people={people} operator={operator}>
        <KeyProvider>
          <NuqsAdapter>{children}</NuqsAdapter>
        </KeyProvider>
      </OperatorProvider>
    </MantineProvider>
  )
}
