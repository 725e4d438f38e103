import { api, Problem } from '../../http'

/** An address of the API that leads nowhere says so in JSON, instead of answering with a page. */
export default api(() => {
  throw new Problem(404, { error: 'There is nothing at this address, or not by this method. What there is: /api/v1/openapi.json' })
})
