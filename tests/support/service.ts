import { inject } from 'vitest'
import type { Service } from './services'

/** The application that this worker's tests have to themselves. */
export function ownService(): Service {
  const services = inject('services')
  return services[(Number(process.env.VITEST_POOL_ID ?? 1) - 1) % services.length]!
}
