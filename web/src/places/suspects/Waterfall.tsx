import Plotly from 'plotly.js-basic-dist-min';
import { useEffect, useRef } from 'react';
import type { EntryView, SuspectView } from '#contract';
import { entryTitle } from '../../parts/entry-title';

const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

/** The odds of the ion from entry to entry, in decibans: each bar starts where the one before it ended. */
export default function Waterfall({ suspect, entries }: { suspect: SuspectView; entries: readonly EntryView[] }) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const node = box.current;
    if (!node) return;
    const total = 10 * Math.log10(Math.max(suspect.probability, 1e-9) / Math.max(1 - suspect.probability, 1e-9));
    const moved = suspect.because.reduce((sum, b) => sum + b.decibans, 0);
    let at = total - moved;
    const base: number[] = [0];
    const height: number[] = [at];
    const labels = ['before'];
    const colours = [colour('--rule')];
    for (const b of suspect.because) {
      base.push(at);
      height.push(b.decibans);
      at += b.decibans;
      const entry = entries[b.entry - 1];
      labels.push(`${b.entry} ${entry ? entryTitle(entry) : ''}`);
      colours.push(colour(b.decibans > 0 ? '--rust' : '--slate'));
    }
    base.push(0);
    height.push(at);
    labels.push('now');
    colours.push(colour('--sage'));
    const text = { family: 'Atkinson Hyperlegible', color: colour('--muted'), size: 12 };
    void Plotly.react(
      node,
      [
        {
          type: 'bar',
          x: labels.map((_, i) => i),
          y: height,
          base,
          marker: { color: colours },
          text: height.map((h) => h.toFixed(0)),
          hovertext: labels,
          hoverinfo: 'text',
          textposition: 'outside',
          textangle: 0,
          cliponaxis: false,
        },
      ],
      {
        height: 230,
        margin: { l: 46, r: 8, t: 22, b: 30 },
        paper_bgcolor: 'transparent',
        plot_bgcolor: 'transparent',
        font: text,
        bargap: 0.25,
        xaxis: { tickvals: labels.map((_, i) => i), ticktext: labels.map((l) => l.split(' ')[0]!), fixedrange: true },
        yaxis: { title: { text: 'decibans' }, zerolinecolor: colour('--muted'), gridcolor: colour('--rule'), fixedrange: true },
        showlegend: false,
      },
      { displayModeBar: false, responsive: true },
    );
    return () => Plotly.purge(node);
  }, [suspect, entries]);
  return (
    <div
      ref={box}
      className="mt-3"
      role="img"
      aria-label={`Waterfall of the evidence for ${suspect.id}: ${suspect.because.map((b) => `entry ${b.entry} ${b.decibans.toFixed(1)} decibans`).join(', ')}`}
    />
  );
}
