import { openApiDocument } from '../openApi'

/** GET /openapi.json */
export default defineEventHandler(() => openApiDocument())
