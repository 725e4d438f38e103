export function ensureCluster(name: string, options: { readonly preferredPort: number, readonly fast?: boolean }): Promise<{ readonly url: string, readonly bin: string, readonly stop: () => void }>
export function stopHard(name: string): Promise<void>
