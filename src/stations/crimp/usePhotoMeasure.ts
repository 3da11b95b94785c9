import { useMemo, useReducer } from 'react'
import { beginPhoto, photoForm, readPhoto } from '@/core/craft/photo/photoForm'
import { knownSizes, photoQuestions } from '@/core/craft/photo/photoQuestions'
import { insulationMmOf } from '@/core/record/plan/facts'
import { rulesOf } from '@/core/record/rules/rulesOf'
import type { Photo } from '@/core/record/state/records'
import type { QueueItem } from '@/core/views/queue'
import { useJob } from '@/ui/job/JobProvider'

const rounded = (value: number, parts: number) => Math.round(value * parts) / parts

/** What is measured in a photo of a crimp: its questions, its points, what they say, and the entry that keeps it. */
export function usePhotoMeasure(item: QueueItem, photo: Photo) {
  const { state, append } = useJob()
  const { wire, key } = item.termination
  const contact = state.facts.contacts[item.set.contact]
  const rules = rulesOf(state)
  const insulationMm = insulationMmOf(state.facts, wire)
  const questions = useMemo(
    () => (contact ? photoQuestions(contact, insulationMm, rules) : []),
    [contact, insulationMm, rules],
  )
  const sizes = useMemo(() => (contact ? knownSizes(contact, insulationMm) : []), [contact, insulationMm])
  const [form, move] = useReducer(photoForm, undefined, () => beginPhoto(photo, questions, sizes))
  const reading = readPhoto(form, questions, sizes)
  const keep = async (): Promise<boolean> => {
    const { measured, question, knownMm } = reading
    if (!measured || !question || knownMm === undefined) return false
    return append({
      kind: 'photo-measured',
      term: key,
      photo: photo.photo,
      what: question.id,
      mm: rounded(measured.mm, 1000),
      goodToMm: Math.max(0.001, rounded(measured.goodToMm, 1000)),
      known: { what: form.known, mm: knownMm },
      points: form.points.map(({ x, y }) => ({ x: rounded(x, 10), y: rounded(y, 10) })),
    })
  }
  return { questions, sizes, form, move, reading, keep }
}
