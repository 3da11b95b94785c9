import { Button, TextInput } from '@mantine/core'
import clsx from 'clsx'
import type { Address } from '@/core/base/instrument/addressSchema'
import { type FieldIssue, useSchemaForm } from '@/ui/form/useSchemaForm'
import paneCss from '@/ui/pane/pane.module.css'
import { instrumentsPaneWords as words } from '@/words/screens/crib/instrumentsPane'
import styles from './AddressForm.module.css'

const load = async () => (await import('@/core/base/instrument/addressSchema')).addressSchema
const read = ({ host, port }: { readonly host: string; readonly port: string }) => ({ host, port: Number(port) })
const say = ({ path }: FieldIssue) => (path[0] === 'port' ? words.portIsNumber : words.hostIsName)

/** Where an instrument of one's own is; nothing said, the stand-in that came with the app answers. */
export function AddressForm({
  address,
  put,
}: {
  readonly address: Address | undefined
  readonly put: (address: Address | Record<string, never>) => Promise<void>
}) {
  const { form, onSubmit } = useSchemaForm({
    initialValues: { host: address?.host ?? '', port: address ? String(address.port) : '' },
    load,
    read,
    say,
    submit: put,
  })
  return (
    <form onSubmit={onSubmit}>
      <div className={clsx(paneCss.fieldRow, styles.hostAndPort)}>
        <TextInput label={words.host} {...form.getInputProps('host')} />
        <TextInput label={words.port} inputMode="numeric" {...form.getInputProps('port')} />
      </div>
      <div className={clsx(paneCss.two, styles.buttons)}>
        <Button type="submit">
          <span>{words.linkItThere}</span>
        </Button>
        <Button onClick={() => void put({})}>
          <span>{words.backToStandIn}</span>
        </Button>
      </div>
    </form>
  )
}
