declare module '#auth-utils' {
  interface User {
    /** The session on the server: whose it is, where and since when stands there, and ends there. */
    sessionId: string
  }
}

export {}
