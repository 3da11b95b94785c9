import { parentPort } from 'node:worker_threads'
import { setTimeout } from 'node:timers/promises'
import type { CatalogueInput } from '@/core/parts/catalogue/types'
import { checkPackage, type CheckedPackage } from './checkPackage'
import { giveWay } from './giveWay'
import type { PackageNote } from './runPackage'
import { type ThreadMessage, threadOrder } from './runThread'

/** Families that are handed over in one message. */
const HANDFUL = 8
/** Messages that lie there together are taken together: each comes by itself. */
const BETWEEN_MS = 3

/** Checks one package beside the requests. */
giveWay()
const { bytes, stored } = await threadOrder<{ readonly bytes: Uint8Array; readonly stored: CatalogueInput }>()
const post = (message: ThreadMessage<PackageNote, CheckedPackage>) => parentPort?.postMessage(message)
const answer = checkPackage(bytes, stored, (progress) => post({ progress }))
if (answer.ok) {
  const { families } = answer.input
  for (let from = 0; from < families.length; from += HANDFUL) {
    post({ progress: { families: families.slice(from, from + HANDFUL) } })
    await setTimeout(BETWEEN_MS)
  }
  post({ answer: { ...answer, input: { ...answer.input, families: [] } } })
} else post({ answer })
