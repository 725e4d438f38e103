/** The demo's passwords and PINs are printed for everybody: off this machine they open nothing and sign nothing. */
export const areDemoSignInsRefused = (env: NodeJS.ProcessEnv = process.env): boolean => env.ZONARIS_DEMO_SIGN_INS === 'refuse'
