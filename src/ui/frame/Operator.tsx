'use client'
import { operatorWords as words } from '@/words/screens/frame/operator'
import { NativeSelect } from '@mantine/core'
import styles from './Operator.module.css'
import { useRouter } from 'next/navigation'
import { createContext, useContext, type ReactNode } from 'react'

export interface Operator {
  readonly id: string
  readonly name: string
  readonly role: string
}

interface OperatorContext {
  readonly people: readonly Operator[]
  readonly operator: Operator | undefined
  readonly pick: (id: string) => void
}

const Context = createContext<OperatorContext>({ people: [], operator: undefined, pick: () => undefined })

export const useOperator = () => useContext(Context)

/** Who is at this bench. Kept in a cookie of this browser: the server writes it into each entry. */
export function OperatorProvider({
  people,
  operator,
  children,
}: {
  readonly people: readonly Operator[]
  readonly operator: Operator | undefined
  readonly children: ReactNode
}) {
  const router = useRouter()
  const pick = (id: string) => {
    document.cookie = words.urnOperatorPathMax(encodeURIComponent(id))
    router.refresh()
  }
  return <Context value={{ people, operator, pick }}>{children}</Context>
}

/** A name as it stands in the frame: first name and initial. */
const short = (name: string) => name.replace(/^(\S+)\s+(\S).*$/, '$1 $2.')

export function OperatorSelect() {
  const { people, operator, pick } = useOperator()
  if (people.length === 0) return null
  return (
    <NativeSelect
      className={styles.operator}
      aria-label={words.whoIsAtThis}
      value={operator?.id ?? ''}
      onChange={(event) => pick(event.target.value)}
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
