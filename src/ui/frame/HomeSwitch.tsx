import { Switch } from '@mantine/core'
import { practiceStripWords as words } from '@/words/screens/frame/practiceStrip'
import { addressOfPort } from './benchAddress'

/** Leads from the practice workshop back to the bench that it belongs to. */
export function HomeSwitch({ homePort }: { readonly homePort: number }) {
  return <Switch checked label={words.switchOn} onChange={() => window.location.assign(addressOfPort(homePort))} />
}
