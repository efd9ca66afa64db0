declare module 'parse-prometheus-text-format' {
  export default function parse(
    text: string,
  ): { readonly name: string; readonly type: string; readonly metrics: readonly object[] }[];
}
