/** The icons that the build ships: each is handed over once, by its name. */
declare module '#build/nuxt-icon-client-bundle' {
  export function init(add: (name: string, icon: { readonly body: string, readonly width: number, readonly height: number }) => void): void
}
