import Plotly from 'plotly.js-basic-dist-min';
import { useEffect, useRef } from 'react';
import { nameOf } from '#core/senses/names';
import type { Results } from '#contract';

const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();
const LINE = 30;
const SHOWN = 15;

/** What the class confuses with what, the most frequent on top. */
export default function Confusions({ of }: { of: Results['confusions'] }) {
  const box = useRef<HTMLDivElement>(null);
  const shown = of.slice(0, SHOWN);
  useEffect(() => {
    const node = box.current;
    if (!node) return;
    const list = [...shown].reverse();
    void Plotly.react(
      node,
      [
        {
          type: 'bar',
          orientation: 'h',
          x: list.map((c) => c.count),
          y: list.map((c) => `${nameOf(c.there)} taken for ${nameOf(c.claimed)}`),
          marker: { color: colour('--rust') },
          hoverinfo: 'skip',
        },
      ],
      {
        height: 60 + LINE * list.length,
        margin: { l: 10, r: 10, t: 5, b: 30 },
        paper_bgcolor: 'transparent',
        plot_bgcolor: 'transparent',
        font: { family: 'Atkinson Hyperlegible', color: colour('--muted'), size: 13 },
        xaxis: { dtick: 1, fixedrange: true, gridcolor: colour('--rule') },
        yaxis: { automargin: true, fixedrange: true },
        showlegend: false,
      },
      { displayModeBar: false, responsive: true },
    );
  }, [shown]);
  return (
    <figure>
      <div ref={box} aria-hidden />
      <figcaption className="sr-only">
        <ul aria-label="Confusions">
          {shown.map((c) => (
            <li key={`${c.there} ${c.claimed}`}>
              {nameOf(c.there)} taken for {nameOf(c.claimed)}: {c.count}
            </li>
          ))}
        </ul>
      </figcaption>
    </figure>
  );
}
