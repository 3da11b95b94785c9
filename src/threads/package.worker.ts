import { parentPort, workerData } from 'node:worker_threads'
import type { CatalogueInput } from '@/core/parts/catalogue/types'
import { checkPackage, type CheckedPackage, type PackageStage } from './checkPackage'
import type { ThreadMessage } from './runThread'

/** Checks one package beside the requests. */
const { bytes, stored } = workerData as { readonly bytes: Uint8Array; readonly stored: CatalogueInput }
const post = (message: ThreadMessage<PackageStage, CheckedPackage>) => parentPort?.postMessage(message)
post({ answer: checkPackage(bytes, stored, (progress) => post({ progress })) })
