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

/**
 * A bench where nobody works yet asks who does: nothing is written without a name. With `another` it takes one more, who is not
 * put at the bench by that.
 */
export function WhoWorksHere({ another }: { readonly another?: () => void }) {
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
    if (another) another()
    else pick(outcome.value)
    router.refresh()
  }
  return (
    <form
      className={another ? styles.another : styles.who}
      aria-label={another ? words.another : words.title}
      onSubmit={(event) => {
        event.preventDefault()
        void add()
      }}
    >
      {!another && (
        <>
          <h2 className={styles.title}>{words.title}</h2>
          <p className={textCss.dim}>{words.why}</p>
        </>
      )}
      <div className={another ? styles.another : styles.fields}>
        <TextInput
          label={another ? words.theirName : words.name}
          value={name}
          error={fault}
          autoFocus
          autoComplete="name"
          onChange={(event) => setName(event.currentTarget.value)}
        />
        <NativeSelect
          label={another ? words.theirRole : words.role}
          value={role}
          onChange={(event) => setRole(event.currentTarget.value as Role)}
          data={roles.map((one) => ({ value: one, label: words.roles[one] }))}
        />
        <Button type="submit" variant="filled" fullWidth={false} disabled={busy}>
          {another ? words.theyWorkHere : words.workHere}
        </Button>
      </div>
    </form>
  )
}
