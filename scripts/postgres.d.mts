/** A cluster of our own, as it answers: its address without a database name, for its owner and for the login that serves. */
export interface Cluster {
  readonly url: string
  readonly servingUrl: string
  readonly bin: string
  readonly port: number | string
  readonly password: string
  readonly stop: () => void
}
export function ensureCluster(name: string, options: { readonly preferredPort: number, readonly fast?: boolean }): Promise<Cluster>
export function ensureDatabase(cluster: Cluster, name: string): string
export function stopHard(name: string): Promise<void>
export function sitesIn(cluster: Cluster, name: string): string[]
export function dropDatabase(cluster: Cluster, name: string): void
