declare module '#auth-utils' {
  interface User {
    siteId: string
    personId: string
    /** Sessions of an older epoch are ended: "sign out everywhere" raises it. */
    epoch: number
    signedInAtMs: number
  }
}

export {}
