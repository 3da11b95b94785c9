import { brokenButtonWords as words } from '@/words/screens/seat/brokenButton'
import { Button, Kbd } from '@mantine/core'
/** The way to what is broken of the end itself. */
export const BrokenButton = ({ open }: { readonly open: () => void }) => (
  <Button onClick={open}>
    <span>{words.lockOrHousingIs}</span> <Kbd aria-hidden="true">B</Kbd>
  </Button>
)
