import type { Job } from '#core/job/job'

/** A job typed in the command line, on its way to a bay's job card. */
export const typedJob = ref<Partial<Job> | null>(null)
