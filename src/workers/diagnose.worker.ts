import type { DiagnosisInput } from '@/core/craft/diagnosis/diagnosisTypes'
import { netMistakes } from '@/core/work/prove/netDiagnosis'

/** Explains what was found off the page's thread: one question, one answer. */
self.onmessage = (event: MessageEvent<DiagnosisInput>) => self.postMessage(netMistakes(event.data))
