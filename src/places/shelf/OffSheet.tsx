import { familyViewWords as words } from '@/words/screens/shelf/familyView'
import textCss from '@/ui/text/text.module.css'

/** A figure that a sheet does not give: it is said, not guessed. */
export const OffSheet = () => <span className={textCss.dim}>{words.notOnSheet}</span>
