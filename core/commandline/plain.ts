/** A text as it is compared with what is known: small letters, without their accents. */
export const plain = (text: string): string => text.toLowerCase().normalize('NFD').replaceAll(/\p{M}/gu, '')
