import { shallowReactive } from 'vue'

/** Forms on this screen in which somebody typed or chose something that is not sent yet. */
export const halfTyped = shallowReactive(new Set<symbol>())
