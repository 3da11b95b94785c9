import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { figureOfferWords as words } from '@/words/screens/question/figureOffer'
import { useKeys } from '../keys/KeyProvider'
import { answerWith, useOpenQuestions } from './questions'
import styles from './FigureOffer.module.css'

/** A figure came from a calliper and no field had the focus: which of the open questions it answers. It is put there, and no more. */
export function FigureOffer({ figure }: { readonly figure: string }) {
  const questions = useOpenQuestions().slice(0, 8)
  const close = () => answerWith(undefined)
  useKeys([
    ...questions.map((question, i) => ({
      key: String(i + 1),
      words: words.itIs(question.label),
      run: () => answerWith(question),
      first: true as const,
    })),
    { key: 'Escape', words: words.itIsNone, run: close, first: true },
  ])
  return (
    <section className={clsx(styles.offer, noteCss.note)} role="status" aria-label={words.whatIs(figure)}>
      <p>
        {words.aFigureCame} <b className={textCss.mono}>{figure}</b>
      </p>
      {questions.map((question, i) => (
        <Button key={question.label} onClick={() => answerWith(question)}>
          <span>
            {question.label} <b className={textCss.mono}>{figure}</b>?
          </span>
          <Kbd aria-hidden="true">{i + 1}</Kbd>
        </Button>
      ))}
      <Button onClick={close}>
        <span>{words.itIsNone}</span> <Kbd aria-hidden="true">{words.esc}</Kbd>
      </Button>
    </section>
  )
}
