import { z } from 'zod'

export const passwordSchema = z.string().min(10, 'at least 10 characters').max(200)
export const pinSchema = z.string().regex(/^\d{4,8}$/, 'a PIN of 4 to 8 digits')
