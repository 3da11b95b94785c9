'use client'
import { MantineProvider } from '@mantine/core'
import { NuqsAdapter } from 'nuqs/adapters/next/app'
import type { ReactNode } from 'react'
import { GoProvider } from '../address/GoProvider'
import { KeyProvider } from '../keys/KeyProvider'
import { Outbox } from '../outbox/Outbox'
import { cssVariables, theme } from '../theme/theme'
import { type BenchSays, sayIn } from '@/words/benchUnits'
import { ClockProvider } from './Clock'
import { OperatorProvider, type Operator } from './Operator'
import { PracticeProvider } from './PracticeStrip'

/** What every page stands in: theme, keys, the bench's clock, who is at it, the address as it is read and written. */
export function Providers({
  nonce,
  zone,
  says,
  people,
  operator,
  homePort,
  children,
}: {
  readonly nonce: string
  /** the bench's time zone */
  readonly zone: string
  /** what the bench's figures are said in */
  readonly says: BenchSays
  readonly people: readonly Operator[]
  readonly operator: Operator | undefined
  /** of the bench whose practice workshop this is */
  readonly homePort: number | undefined
  readonly children: ReactNode
}) {
  // before anything below says a figure, on the server as in the browser
  sayIn(says)
  return (
    <MantineProvider
      theme={theme}
      cssVariablesResolver={cssVariables}
      defaultColorScheme="auto"
      getStyleNonce={() => nonce}
    >
      <ClockProvider zone={zone}>
        <OperatorProvider people={people} operator={operator}>
          <KeyProvider>
            <GoProvider>
              <NuqsAdapter>
                <PracticeProvider homePort={homePort}>{children}</PracticeProvider>
              </NuqsAdapter>
            </GoProvider>
            <Outbox />
          </KeyProvider>
        </OperatorProvider>
      </ClockProvider>
    </MantineProvider>
  )
}
