/** A worker's module that keeps its thread busy for as long as it is told. */
export const tasks = {
  spin: (ms: number) => {
    const until = performance.now() + ms;
    while (performance.now() < until);
    return { value: ms };
  },
};
