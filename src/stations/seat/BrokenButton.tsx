import { Button, Kbd } from '@mantine/core'
/** The way to what is broken of the end itself. */
export const BrokenButton = ({ open }: { readonly open: () => void }) => (
  <Button onClick={open}>
    <span>Lock or housing is broken…</span> <Kbd aria-hidden="true">B</Kbd>
  </Button>
)
