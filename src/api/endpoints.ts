import { z } from 'zod'
import { type Endpoint, answer, endpoint } from './endpoint'
import { bundleEndpoint } from './endpoints/bundleEndpoint'
import { controlEndpoint } from './endpoints/controlEndpoint'
import { cutPlanEndpoint } from './endpoints/cutPlanEndpoint'
import { diagnoseEndpoint } from './endpoints/diagnoseEndpoint'
import { mismateEndpoint } from './endpoints/mismateEndpoint'
import { testPlanEndpoint } from './endpoints/testPlanEndpoint'
import { tiesEndpoint } from './endpoints/tiesEndpoint'
import { bandsEndpoint } from './endpoints/bandsEndpoint'
import { proveResistanceEndpoint } from './endpoints/proveResistanceEndpoint'
import { reworkPlanEndpoint } from './endpoints/reworkPlanEndpoint'
import { fitEndpoint } from './endpoints/fitEndpoint'
import { openApi } from './openApi'
import { faceCavitiesEndpoint } from '@/api/endpoints/faceCavitiesEndpoint'
import { pullMinimumEndpoint } from '@/api/endpoints/pullMinimumEndpoint'
import { makeJobEndpoint } from '@/api/endpoints/makeJobEndpoint'
import { previewPinoutEndpoint } from '@/api/endpoints/previewPinoutEndpoint'
import { listJobsEndpoint } from '@/api/endpoints/listJobsEndpoint'
import { verifyJobEndpoint } from '@/api/endpoints/verifyJobEndpoint'
import { appendEndpoint } from '@/api/endpoints/appendEndpoint'
import { importCatalogueEndpoint, readCatalogueEndpoint } from '@/api/endpoints/catalogueEndpoints'
import { heightTargetEndpoint } from '@/api/endpoints/heightTargetEndpoint'
import { unitsParseEndpoint } from './endpoints/unitsParseEndpoint'
import { wireSizeEndpoint } from '@/api/endpoints/wireSizeEndpoint'
import { readJobEndpoint } from '@/api/endpoints/readJobEndpoint'
import { stripWindowEndpoint } from '@/api/endpoints/stripWindowEndpoint'
import { readJournalEndpoint } from '@/api/endpoints/readJournalEndpoint'

const version = '0.1.0'
const DATA_FORMAT = 1

const healthEndpoint = endpoint({
  method: 'GET',
  path: 'health',
  summary: 'Is the bench up, and which data format does it write?',
  output: z.object({ status: z.literal('ok'), version: z.string(), dataFormat: z.number() }),
  handle: () => answer({ status: 'ok', version, dataFormat: DATA_FORMAT }),
})

const openApiEndpoint = endpoint({
  method: 'GET',
  path: 'openapi.json',
  summary: 'This interface as OpenAPI 3.1',
  output: z.looseObject({ openapi: z.literal('3.1.0') }),
  handle: () => answer(openApi(endpoints, version)),
})

/** The open interface: everything below /api/v1. */
export const endpoints: readonly Endpoint[] = [
  healthEndpoint,
  openApiEndpoint,
  unitsParseEndpoint,
  wireSizeEndpoint,
  stripWindowEndpoint,
  pullMinimumEndpoint,
  heightTargetEndpoint,
  faceCavitiesEndpoint,
  bandsEndpoint,
  fitEndpoint,
  controlEndpoint,
  cutPlanEndpoint,
  reworkPlanEndpoint,
  proveResistanceEndpoint,
  testPlanEndpoint,
  diagnoseEndpoint,
  mismateEndpoint,
  bundleEndpoint,
  tiesEndpoint,
  listJobsEndpoint,
  makeJobEndpoint,
  readJobEndpoint,
  readJournalEndpoint,
  appendEndpoint,
  verifyJobEndpoint,
  readCatalogueEndpoint,
  importCatalogueEndpoint,
  previewPinoutEndpoint,
]
