/** The demo's passwords and PINs are printed for everybody: off this machine they open nothing and sign nothing. */
export const areDemoSignInsRefused = (env: NodeJS.ProcessEnv = process.env): boolean => env.ZONARIS_DEMO_SIGN_INS === 'refuse'

export const DEMO_REFUSED
  = 'The demo sign-ins are printed for everybody, so they only work on this machine itself. '
    + 'Let the safety lead hand out one-time codes there, and sign in with a password of your own.'
