import { openApiDocument } from '#shared/api/openapi'
import { api } from '../../http'

const document = openApiDocument()

/** The description of this API for other programs. */
export default api(() => document)
