'use client'
import { Button, PasswordInput } from '@mantine/core'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { useCall } from '@/ui/action/useCall'
import { type Operator, useOperator } from '@/ui/frame/Operator'
import textCss from '@/ui/text/text.module.css'
import { peoplePanelWords as words } from '@/words/screens/today/peoplePanel'
import { setPinHere } from './actions'
import styles from './PeoplePanel.module.css'

/** The PIN that somebody signs with: set, changed by themselves, or set anew by a lead. */
export function PinForm({ person, close }: { readonly person: Operator; readonly close: () => void }) {
  const router = useRouter()
  const { operator } = useOperator()
  const { busy, call } = useCall()
  const [pin, setPin] = useState('')
  const [proof, setProof] = useState('')
  const [fault, setFault] = useState<string>()
  const isLead = person.hasPin === true && operator?.role === 'lead' && operator.id !== person.id
  return (
    <form
      className={styles.form}
      aria-label={words.pinOf(person.name)}
      onSubmit={(event) => {
        event.preventDefault()
        void call(
          () => setPinHere({ id: person.id, pin, proof, ...(isLead && { lead: operator.id }) }),
          words.notChanged,
        ).then((outcome) => {
          setFault(outcome?.ok === false ? outcome.message : undefined)
          if (!outcome?.ok) return
          router.refresh()
          close()
        })
      }}
    >
      {person.hasPin && (
        <PasswordInput
          label={isLead ? words.pinOf(operator.name) : words.pinUntilNow}
          value={proof}
          autoComplete="off"
          onChange={(event) => setProof(event.currentTarget.value)}
        />
      )}
      <PasswordInput
        label={words.newPin}
        description={words.pinHint}
        value={pin}
        autoComplete="new-password"
        onChange={(event) => setPin(event.currentTarget.value)}
      />
      {fault !== undefined && (
        <p role="alert" className={textCss.wrong}>
          {fault}
        </p>
      )}
      <Button type="submit" variant="filled" disabled={busy || pin === ''}>
        {words.setPin}
      </Button>
      <Button onClick={close}>{words.keep}</Button>
    </form>
  )
}
