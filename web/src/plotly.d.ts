declare module 'plotly.js-basic-dist-min' {
  const Plotly: {
    react(node: HTMLElement, data: readonly object[], layout: object, config: object): Promise<void>;
    purge(node: HTMLElement): void;
  };
  export default Plotly;
}
