/** Of what was received nothing is changed: the same, read only at every depth. */
export type Received<T> = T extends object ? { readonly [K in keyof T]: Received<T[K]> } : T;
