import { storeSentences } from '#shared/messages/en/store-findings'
import { learnSentences } from '#shared/messages/speak'

// The server speaks for every area; a page fetches its own.
learnSentences(storeSentences)
