'use client'
import { ActionIcon, Button, NativeSelect, TextInput } from '@mantine/core'
import IconKey from '@tabler/icons-react/icons/IconKey'
import IconPencil from '@tabler/icons-react/icons/IconPencil'
import IconUserMinus from '@tabler/icons-react/icons/IconUserMinus'
import clsx from 'clsx'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { useCall } from '@/ui/action/useCall'
import { type Operator, useOperator } from '@/ui/frame/Operator'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { peoplePanelWords as words } from '@/words/screens/today/peoplePanel'
import { whoWorksHereWords } from '@/words/screens/today/whoWorksHere'
import { changePersonHere } from './actions'
import { type Role, roles } from './roles'
import { PinForm } from './PinForm'
import { WhoWorksHere } from './WhoWorksHere'
import styles from './PeoplePanel.module.css'

/** Who works here: added, renamed, put away and brought back. */
export function PeoplePanel() {
  const { people } = useOperator()
  const [changing, setChanging] = useState<string>()
  const [pinning, setPinning] = useState<string>()
  const { busy, fault, change } = useChange()
  const close = () => setChanging(undefined)
  return (
    <section className={paneCss.sidePanel} aria-label={words.title}>
      <h2>{words.title}</h2>
      <ul>
        {people.map((person) =>
          person.id === pinning ? (
            <li key={person.id}>
              <PinForm person={person} close={() => setPinning(undefined)} />
            </li>
          ) : person.id === changing ? (
            <li key={person.id}>
              <PersonForm
                person={person}
                busy={busy}
                fault={fault}
                save={async (to) => {
                  if (await change({ id: person.id, ...to })) close()
                }}
                close={close}
              />
            </li>
          ) : (
            <li key={person.id} className={styles.person}>
              <span className={clsx(person.away && textCss.dim)}>
                {person.name}{' '}
                <span className={clsx(textCss.dim, textCss.small)}>{person.away ? words.away : person.role}</span>
              </span>
              {person.away ? (
                <Button
                  fullWidth={false}
                  variant="subtle"
                  disabled={busy}
                  aria-label={words.bringBackName(person.name)}
                  onClick={() => void change({ id: person.id, away: false })}
                >
                  {words.bringBack}
                </Button>
              ) : (
                <span className={styles.acts}>
                  <ActionIcon aria-label={words.pinOf(person.name)} onClick={() => setPinning(person.id)}>
                    <IconKey size={18} />
                  </ActionIcon>
                  <ActionIcon aria-label={words.rename(person.name)} onClick={() => setChanging(person.id)}>
                    <IconPencil size={18} />
                  </ActionIcon>
                  <ActionIcon
                    aria-label={words.putAway(person.name)}
                    disabled={busy}
                    onClick={() => void change({ id: person.id, away: true })}
                  >
                    <IconUserMinus size={18} />
                  </ActionIcon>
                </span>
              )}
            </li>
          ),
        )}
      </ul>
      {changing === 'new' ? (
        <WhoWorksHere another={close} />
      ) : (
        <Button onClick={() => setChanging('new')}>{words.add}</Button>
      )}
    </section>
  )
}

function useChange() {
  const router = useRouter()
  const { busy, call } = useCall()
  const [fault, setFault] = useState<string>()
  const change = async (to: Parameters<typeof changePersonHere>[0]): Promise<boolean> => {
    const outcome = await call(() => changePersonHere(to), words.notChanged)
    if (!outcome) return false
    setFault(outcome.ok ? undefined : outcome.message)
    if (outcome.ok) router.refresh()
    return outcome.ok
  }
  return { busy, fault, change }
}

function PersonForm({
  person,
  busy,
  fault,
  save,
  close,
}: {
  readonly person: Operator
  readonly busy: boolean
  readonly fault: string | undefined
  readonly save: (to: { readonly name: string; readonly role: Role }) => Promise<void>
  readonly close: () => void
}) {
  const [name, setName] = useState(person.name)
  const [role, setRole] = useState(roles.find((one) => one === person.role) ?? 'technician')
  return (
    <form
      className={styles.form}
      aria-label={words.rename(person.name)}
      onSubmit={(event) => {
        event.preventDefault()
        void save({ name, role })
      }}
    >
      <TextInput
        label={words.name}
        value={name}
        error={fault}
        autoFocus
        onChange={(event) => setName(event.currentTarget.value)}
      />
      <NativeSelect
        label={words.role}
        value={role}
        onChange={(event) => setRole(event.currentTarget.value as Role)}
        data={roles.map((one) => ({ value: one, label: whoWorksHereWords.roles[one] }))}
      />
      <Button type="submit" variant="filled" disabled={busy}>
        {words.save}
      </Button>
      <Button onClick={close}>{words.keep}</Button>
    </form>
  )
}
