/** What a sentence takes up: another fact, or a name as it stands in the garden or the library. */
export type Told = string | { readonly code: string };

/** What a fact is about when its code says all. */
export type Nothing = Record<never, never>;
