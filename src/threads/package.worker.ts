import { parentPort, workerData } from 'node:worker_threads'
import type { CatalogueInput } from '@/core/parts/catalogue/types'
import { checkPackage, type CheckedPackage, type PackageStage } from './checkPackage'
import type { ThreadMessage } from './runThread'

/** Checks one package beside the requests. */
const { text, stored } = workerData as { readonly text: string; readonly stored: CatalogueInput }
const post = (message: ThreadMessage<PackageStage, CheckedPackage>) => parentPort?.postMessage(message)
post({ answer: checkPackage(text, stored, (progress) => post({ progress })) })
