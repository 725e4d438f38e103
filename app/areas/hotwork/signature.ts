/** Who signs on a tablet that somebody else may be signed in on. The PIN is never kept. */
export interface Signature { readonly personId: string, readonly pin: string }
