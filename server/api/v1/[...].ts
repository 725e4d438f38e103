import { api, Problem } from '../../http'
import { errorsHere } from '../../words/here'

/** An address of the API that leads nowhere says so in JSON, instead of answering with a page. */
export default api(() => {
  throw new Problem(404, { error: errorsHere().nothingAtAddress })
})
