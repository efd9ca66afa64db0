/** The HTTP interface as schemas: what the server promises and the browser relies on. */
export * from './case';
export * from './compounds';
export * from './laboratory';
export * from './people';
export * from './planning';
export * from './problem';
export * from './reasoning';
export * from './class';
