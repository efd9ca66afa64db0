/** The flow of a separation drawn: the liquid goes on downwards, solids to the right, portions a little to the right below. */
import type { Came, FlowNode } from './flow';

const COLUMN = 152;
const BOX = 128;
const INDENT = 22;
/** Where a line leaves the foot of a box. */
const RAIL = 10;
const LINE = 11;
const GAP = 26;
const PADDING = 8;
const WIDEST = 26;

interface Placed {
  readonly node: FlowNode;
  readonly lines: readonly string[];
  readonly x: number;
  readonly y: number;
  readonly height: number;
}

interface Link {
  readonly from: Placed;
  readonly to: Placed;
}

/** Text in lines that fit a box. */
function wrapped(text: string): string[] {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + word.length < WIDEST) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}

const linesOf = ({ added }: FlowNode): string[] => added.flatMap((a) => wrapped(`+ ${a}`).slice(0, 2)).slice(0, 6);

function place(root: FlowNode): { boxes: Placed[]; links: Link[]; width: number; height: number } {
  const boxes: Placed[] = [];
  const links: Link[] = [];
  /** @returns where the next may stand below all that came of it. */
  const put = (node: FlowNode, x: number, y: number, above: Placed | null): number => {
    const lines = [...wrapped(node.name), ...linesOf(node)];
    const box = { node, lines, x, y, height: 2 * PADDING + lines.length * LINE };
    boxes.push(box);
    if (above) links.push({ from: above, to: box });
    const came = (...ways: readonly Came[]) => node.from.filter((n) => ways.includes(n.came!));
    let right = y;
    for (const solid of came('solid')) right = put(solid, x + COLUMN, right, box);
    let below = Math.max(y + box.height + GAP, right);
    for (const portion of came('portion', 'solution')) below = put(portion, x + INDENT, below, box);
    for (const liquid of came('liquid')) below = put(liquid, x, below, box);
    return below;
  };
  const height = put(root, 0, 0, null) - GAP;
  return { boxes, links, width: Math.max(...boxes.map((b) => b.x)) + BOX, height };
}

const escaped = (text: string) => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

function drawBox({ node, lines, x, y, height }: Placed): string {
  const solid = node.came === 'solid';
  const names = wrapped(node.name).length;
  const text = lines.map(
    (line, i) =>
      `<text x="${x + PADDING}" y="${y + PADDING + 8 + i * LINE}" font-size="9"${i < names ? ' font-weight="bold"' : ''} fill="#2b2622">${escaped(line)}</text>`,
  );
  return `<rect x="${x}" y="${y}" width="${BOX}" height="${height}" rx="5" fill="${solid ? '#efe6d6' : '#ffffff'}" stroke="#8a7d6d" stroke-width="0.8"/>${text.join('')}`;
}

function drawLink({ from, to }: Link): string {
  const word = to.node.came!;
  const stroke = 'fill="none" stroke="#8a7d6d" stroke-width="1"';
  const at = (x: number, y: number) => `<text x="${x}" y="${y}" font-size="7.5" fill="#6b5f52">${word}</text>`;
  if (to.node.came === 'solid') {
    const y = to.y + 14;
    const start = from.x + BOX;
    const bent = y > from.y + from.height ? `M${start} ${from.y + 14} h10 V${y} H${to.x}` : `M${start} ${y} H${to.x}`;
    return `<path d="${bent}" ${stroke}/>${at(start + 3, y - 3)}`;
  }
  const x = from.x + RAIL;
  if (to.node.came === 'liquid') return `<path d="M${x} ${from.y + from.height} V${to.y}" ${stroke}/>${at(x + 4, to.y - 5)}`;
  return `<path d="M${x} ${from.y + from.height} V${to.y + 14} H${to.x}" ${stroke}/>${at(x + 4, to.y - 3)}`;
}

export interface Sheet {
  readonly svg: string;
  /** Points. */
  readonly width: number;
  readonly height: number;
}

export interface FlowDrawing {
  readonly width: number;
  readonly height: number;
  /** In sheets one below another, none of them higher than this where its boxes allow it. */
  sheets(highest: number): Sheet[];
}

/** Where the drawing is cut: always above a box, never through one. */
function cuts(boxes: readonly Placed[], height: number, highest: number): number[] {
  const out = [0];
  const tops = [...new Set(boxes.map((b) => b.y))].sort((a, b) => a - b);
  const whole = (y: number) => boxes.every((b) => b.y >= y || b.y + b.height <= y);
  const free = tops.filter((y) => y > 0 && whole(y));
  while (height - out.at(-1)! > highest) {
    const from = out.at(-1)!;
    const next = free.findLast((y) => y > from && y - from <= highest) ?? free.find((y) => y > from);
    if (next === undefined) break;
    out.push(next);
  }
  return [...out, height];
}

/** As SVG for paper: dark on white, in points. */
export function drawFlow(root: FlowNode): FlowDrawing {
  const { boxes, links, width, height } = place(root);
  const w = width + 2;
  const sheet = (from: number, to: number): Sheet => {
    const top = from && from - GAP + PADDING;
    const h = to - top + 2;
    const within = (y: number, bottom: number) => bottom > top && y < to;
    const drawn = [
      ...links.filter((l) => within(l.from.y, l.to.y + l.to.height)).map(drawLink),
      // No cut goes through a box: it stands whole on the sheet on which it begins.
      ...boxes.filter((b) => b.y >= from && b.y < to).map(drawBox),
    ];
    const view = `x="-1" y="${top - 1}" width="${w}" height="${h}"`;
    return {
      svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="-1 ${top - 1} ${w} ${h}" width="${w}" height="${h}" font-family="Atkinson"><clipPath id="sheet"><rect ${view}/></clipPath><g clip-path="url(#sheet)">${drawn.join('')}</g></svg>`,
      width: w,
      height: h,
    };
  };
  return {
    width: w,
    height,
    sheets: (highest) => {
      const at = cuts(boxes, height, highest);
      return at.slice(1).map((to, i) => sheet(at[i]!, to));
    },
  };
}
