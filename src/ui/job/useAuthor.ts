import { useCallback } from 'react'
import { isOurs } from '@/core/record/journal/recordFault'
import { authorWords } from '@/words/records'
import { useOperator } from '../frame/Operator'
import { useJob } from './JobProvider'

/** Names whoever wrote an entry of this job: somebody of this bench, or somebody elsewhere, and never the one for the other. */
export function useAuthor(): (by: string, seq: number) => string {
  const { provenance } = useJob()
  const { people } = useOperator()
  return useCallback(
    (by, seq) => authorWords(by, people.find((person) => person.id === by)?.name, isOurs(seq, provenance.readIn)),
    [people, provenance],
  )
}
