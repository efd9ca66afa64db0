/** A passphrase that is given to somebody: read out once, and changed by them. */
export const freshPassphrase = (): string =>
  Array.from(crypto.getRandomValues(new Uint32Array(3)), (n) => n.toString(36)).join('-');
