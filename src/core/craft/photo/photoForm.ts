import { parseQuantity } from '../../base/units/parseQuantity'
import { measureInPhoto, type PhotoMeasure, type PhotoPoint, type PhotoPoints } from './measureInPhoto'
import {
  judgePhoto,
  type KnownSize,
  type PhotoQuestion,
  type PhotoQuestionId,
  type PhotoVerdict,
} from './photoQuestions'

/** The scale comes from a size that is typed. */
export const OTHER_SIZE = 'other'

/** A photo while it is measured in: where the points stand, which of them a hand has put there, what is asked, what gives the scale. */
export interface PhotoForm {
  readonly points: PhotoPoints
  /** a point that nobody has put anywhere says nothing */
  readonly placed: readonly number[]
  readonly chosen: number
  readonly asked: PhotoQuestionId | undefined
  readonly known: KnownSize['id'] | typeof OTHER_SIZE
  readonly typed: string
}

export type PhotoMove =
  | { readonly kind: 'point-chosen'; readonly point: number }
  | { readonly kind: 'point-put'; readonly point: number; readonly to: PhotoPoint }
  | { readonly kind: 'point-nudged'; readonly dx: number; readonly dy: number }
  | { readonly kind: 'question-chosen'; readonly asked: PhotoQuestionId }
  | { readonly kind: 'size-chosen'; readonly known: PhotoForm['known'] }
  | { readonly kind: 'size-typed'; readonly text: string }

/** The points before anybody has moved them: along the middle of the picture, each to be seen. */
export function beginPhoto(
  { widthPx, heightPx }: { readonly widthPx: number; readonly heightPx: number },
  questions: readonly PhotoQuestion[],
  sizes: readonly KnownSize[],
): PhotoForm {
  const at = (x: number, y: number): PhotoPoint => ({ x: widthPx * x, y: heightPx * y })
  return {
    points: [at(0.25, 0.45), at(0.6, 0.45), at(0.65, 0.6), at(0.75, 0.6)],
    placed: [],
    chosen: 0,
    asked: questions[0]?.id,
    known: sizes[0]?.id ?? OTHER_SIZE,
    typed: '',
  }
}

export function photoForm(form: PhotoForm, move: PhotoMove): PhotoForm {
  switch (move.kind) {
    case 'point-chosen':
      return { ...form, chosen: move.point }
    case 'point-put':
      return put(form, move.point, move.to)
    case 'point-nudged': {
      const at = form.points[form.chosen]
      return at ? put(form, form.chosen, { x: at.x + move.dx, y: at.y + move.dy }) : form
    }
    case 'question-chosen':
      // its two points stand somewhere else
      return { ...form, asked: move.asked, placed: form.placed.filter((one) => one < 2) }
    case 'size-chosen':
      return { ...form, known: move.known, placed: form.placed.filter((one) => one >= 2) }
    case 'size-typed':
      return { ...form, typed: move.text }
  }
}

function put(form: PhotoForm, point: number, to: PhotoPoint): PhotoForm {
  const [a, b, c, d] = form.points
  const at = (index: number, before: PhotoPoint) => (index === point ? to : before)
  return {
    ...form,
    chosen: point,
    points: [at(0, a), at(1, b), at(2, c), at(3, d)],
    placed: form.placed.includes(point) ? form.placed : [...form.placed, point],
  }
}

export interface PhotoReading {
  readonly question: PhotoQuestion | undefined
  readonly size: KnownSize | undefined
  readonly knownMm: number | undefined
  readonly found: PhotoMeasure | undefined
  /** only when a hand has put all four points */
  readonly measured: Extract<PhotoMeasure, { kind: 'measured' }> | undefined
  readonly verdict: PhotoVerdict | undefined
  /** the point that is to be put next; undefined when all stand */
  readonly nextPoint: number | undefined
}

/** What the points say. */
export function readPhoto(
  form: PhotoForm,
  questions: readonly PhotoQuestion[],
  sizes: readonly KnownSize[],
): PhotoReading {
  const question = questions.find(({ id }) => id === form.asked)
  const size = sizes.find(({ id }) => id === form.known)
  const read = parseQuantity(form.typed, 'length', {})
  const knownMm = size?.mm ?? (read.ok && read.value > 0 ? read.value : undefined)
  const found = knownMm === undefined ? undefined : measureInPhoto(form.points, knownMm)
  const nextPoint = [0, 1, 2, 3].find((one) => !form.placed.includes(one))
  const measured = found?.kind === 'measured' && nextPoint === undefined ? found : undefined
  return {
    question,
    size,
    knownMm,
    found,
    measured,
    verdict: measured && question && judgePhoto(question.window, measured.mm, measured.goodToMm),
    nextPoint,
  }
}
