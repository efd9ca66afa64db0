/** The flow of a separation drawn: liquids go on downwards, solids to the right. */
import type { Came, FlowNode } from './flow';

const COLUMN = 176;
const BOX = 148;
const LINE = 11;
const GAP = 26;
const PADDING = 8;
const WIDEST = 30;

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

const CAME: Readonly<Record<Came, string>> = { liquid: 'liquid', solid: 'solid', solution: 'solution', portion: 'portion' };

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

/** Solids to the right of what they came from, the rest below it. */
function place(root: FlowNode): { boxes: Placed[]; links: Link[]; width: number; height: number } {
  const boxes: Placed[] = [];
  const links: Link[] = [];
  const put = (node: FlowNode, column: number, y: number, above: Placed | null): number => {
    const lines = [...wrapped(node.name), ...linesOf(node)];
    const box = { node, lines, x: column * COLUMN, y, height: 2 * PADDING + lines.length * LINE };
    boxes.push(box);
    if (above) links.push({ from: above, to: box });
    let right = y;
    for (const solid of node.from.filter((n) => n.came === 'solid')) right = put(solid, column + 1, right, box);
    let below = Math.max(y + box.height + GAP, right);
    for (const other of node.from.filter((n) => n.came !== 'solid')) below = put(other, column, below, box);
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
  const word = CAME[to.node.came!];
  const stroke = 'fill="none" stroke="#8a7d6d" stroke-width="1"';
  const at = (x: number, y: number) => `<text x="${x}" y="${y}" font-size="7.5" fill="#6b5f52">${word}</text>`;
  if (to.node.came === 'solid') {
    const y = to.y + 14;
    const start = from.x + BOX;
    const bent = y > from.y + from.height ? `M${start} ${from.y + 14} h10 V${y} H${to.x}` : `M${start} ${y} H${to.x}`;
    return `<path d="${bent}" ${stroke}/>${at(start + 3, y - 3)}`;
  }
  const x = from.x + 14;
  return `<path d="M${x} ${from.y + from.height} V${to.y}" ${stroke}/>${at(x + 4, to.y - 5)}`;
}

/** As SVG, in points, for paper: dark on white. */
export function drawFlow(root: FlowNode): { readonly svg: string; readonly width: number; readonly height: number } {
  const { boxes, links, width, height } = place(root);
  const inner = `${links.map(drawLink).join('')}${boxes.map(drawBox).join('')}`;
  const [w, h] = [width + 2, height + 2];
  return {
    svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="-1 -1 ${w} ${h}" width="${w}" height="${h}" font-family="Atkinson">${inner}</svg>`,
    width: w,
    height: h,
  };
}
