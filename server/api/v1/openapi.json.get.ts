import { openApiDocument } from '#shared/contract/openapi'
import { TWO_BAY_SHOP } from '../../../demo/two-bay-shop'
import { api } from '../../http'

const document = openApiDocument({ clearance: TWO_BAY_SHOP })

/** The description of this API for other programs. */
export default api(() => document)
