import { z } from 'zod'
import { answer, endpoint, type Endpoint } from './endpoint'
import {
  faceCavitiesEndpoint,
  heightTargetEndpoint,
  pullMinimumEndpoint,
  stripWindowEndpoint,
  wireSizeEndpoint,
} from './endpoints/compute'
import { controlEndpoint } from './endpoints/controlEndpoint'
import { cutPlanEndpoint } from './endpoints/cutPlanEndpoint'
import { bandsEndpoint } from './endpoints/bandsEndpoint'
import { reworkPlanEndpoint } from './endpoints/reworkPlanEndpoint'
import { fitEndpoint } from './endpoints/fitEndpoint'
import {
  appendEndpoint,
  importCatalogueEndpoint,
  listJobsEndpoint,
  makeJobEndpoint,
  previewPinoutEndpoint,
  readCatalogueEndpoint,
  readJobEndpoint,
  readJournalEndpoint,
} from './endpoints/records'
import { openApi } from './openApi'

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
  output: z.looseObject({ openapi: z.string() }),
  handle: () => answer(openApi(endpoints, version)),
})

/** The open interface: everything below /api/v1. */
export const endpoints: readonly Endpoint[] = [
  healthEndpoint,
  openApiEndpoint,
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
  listJobsEndpoint,
  makeJobEndpoint,
  readJobEndpoint,
  readJournalEndpoint,
  appendEndpoint,
  readCatalogueEndpoint,
  importCatalogueEndpoint,
  previewPinoutEndpoint,
]
