import { z } from 'zod'

/** A shade number as it stands on a lens. */
export const shadeNumber = z.number().min(1.2, 'a shade of 1.2 or more').max(16, 'a shade of 16 or less')
