'use client'
import { operatorWords as words } from '@/words/screens/frame/operator'
import { NativeSelect } from '@mantine/core'
import styles from './Operator.module.css'
import { useRouter } from 'next/navigation'
import { createContext, useCallback, useContext, useMemo, useSyncExternalStore, type ReactNode } from 'react'
import { onOperator, operatorId, pickOperator } from './operatorCookie'

export interface Operator {
  readonly id: string
  readonly name: string
  readonly role: string
  /** works here no more: still named in what they wrote */
  readonly away?: boolean
  /** they sign with a PIN */
  readonly hasPin?: boolean
}

interface OperatorContext {
  readonly people: readonly Operator[]
  readonly operator: Operator | undefined
  readonly pick: (id: string) => void
}

const Context = createContext<OperatorContext>({ people: [], operator: undefined, pick: () => undefined })

export const useOperator = () => useContext(Context)

/**
 * Who is at this bench. One place decides: a cookie of this browser, which all of its tabs follow at once, and which the server
 * writes into each entry that names nobody.
 */
export function OperatorProvider({
  people,
  operator: first,
  children,
}: {
  readonly people: readonly Operator[]
  readonly operator: Operator | undefined
  readonly children: ReactNode
}) {
  const router = useRouter()
  const id = useSyncExternalStore(onOperator, operatorId, () => first?.id)
  const pick = useCallback(
    (picked: string) => {
      pickOperator(picked)
      router.refresh()
    },
    [router],
  )
  const operator = people.find((person) => person.id === id && !person.away)
  const context = useMemo(() => ({ people, operator, pick }), [people, operator, pick])
  return <Context value={context}>{children}</Context>
}

/** Those who can be picked: who is put away works here no more. */
export const useWhoWorksHere = (): readonly Operator[] => useOperator().people.filter(({ away }) => !away)

/** A name as it stands in the frame: first name and initial. */
const short = (name: string) => name.replace(/^(\S+)\s+(\S).*$/, '$1 $2.')

export function OperatorSelect() {
  const { operator, pick } = useOperator()
  const people = useWhoWorksHere()
  if (people.length === 0) return null
  return (
    <NativeSelect
      className={styles.operator}
      aria-label={words.whoIsAtThis}
      value={operator?.id ?? ''}
      onChange={(event) => {
        pick(event.target.value)
        // the pedal and the keys are the card's again
        event.target.blur()
      }}
    >
      {!operator && <option value="">{words.whoAreYou}</option>}
      {people.map((person) => (
        <option key={person.id} value={person.id}>
          {short(person.name)}
        </option>
      ))}
    </NativeSelect>
  )
}
