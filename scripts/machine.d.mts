/** What TypeScript tests use of scripts/machine.mjs, which runs before TypeScript is installed. */
export function checkNode(version?: string): void
