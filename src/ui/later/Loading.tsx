import textCss from '@/ui/text/text.module.css'
import clsx from 'clsx'
import styles from './later.module.css'

/** What stands where a part of the screen is still under way. */
export const Loading = ({ words }: { readonly words: string }) => (
  <p className={clsx(textCss.dim, styles.loading)}>{words}</p>
)
