import { ActionIcon } from '@mantine/core'
import IconReload from '@tabler/icons-react/icons/IconReload'
import { playAgainWords as words } from '@/words/screens/motion/playAgain'
import styles from './PlayAgain.module.css'

/** Runs a moving drawing once more: by itself it comes to rest. */
export function PlayAgain({ again }: { readonly again: () => void }) {
  return (
    <ActionIcon
      className={styles.again}
      aria-label={words.showAgain}
      // the pedal stays with the card
      onMouseDown={(event) => event.preventDefault()}
      onClick={again}
    >
      <IconReload size={18} aria-hidden="true" />
    </ActionIcon>
  )
}
