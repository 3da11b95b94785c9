'use client'
import { Button, NativeSelect, TextInput } from '@mantine/core'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { useCall } from '@/ui/action/useCall'
import { useOperator } from '@/ui/frame/Operator'
import textCss from '@/ui/text/text.module.css'
import { whoWorksHereWords as words } from '@/words/screens/today/whoWorksHere'
import { addPerson } from './actions'
import { type Role, roles } from './roles'
import styles from './WhoWorksHere.module.css'

/** A bench where nobody works yet asks who does: nothing is written without a name. */
export function WhoWorksHere() {
  const router = useRouter()
  const { pick } = useOperator()
  const { busy, call } = useCall()
  const [name, setName] = useState('')
  const [role, setRole] = useState<Role>('technician')
  const [fault, setFault] = useState<string>()
  const add = async () => {
    const outcome = await call(() => addPerson({ name, role }), words.notAdded)
    if (!outcome) return
    if (!outcome.ok) {
      setFault(outcome.message)
      return
    }
    pick(outcome.value)
    router.refresh()
  }
  return (
    <form
      className={styles.who}
      aria-label={words.title}
      onSubmit={(event) => {
        event.preventDefault()
        void add()
      }}
    >
      <h2 className={textCss.cardTitle}>{words.title}</h2>
      <p className={textCss.dim}>{words.why}</p>
      <div className={styles.fields}>
        <TextInput
          label={words.name}
          value={name}
          error={fault}
          autoFocus
          autoComplete="name"
          onChange={(event) => setName(event.currentTarget.value)}
        />
        <NativeSelect
          label={words.role}
          value={role}
          onChange={(event) => setRole(event.currentTarget.value as Role)}
          data={roles.map((one) => ({ value: one, label: words.roles[one] }))}
        />
        <Button type="submit" variant="filled" fullWidth={false} disabled={busy}>
          {words.workHere}
        </Button>
      </div>
    </form>
  )
}
