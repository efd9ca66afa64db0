/** The separation as it was really done: which tube became which, and what was added on the way. */
import { reagentName } from '../bench/contents';
import type { Op } from '../bench/ops';
import type { CaseState, DoneOperation } from '../record/case';
import { PLACE_NAMES } from '../scheme/tests';

/** How one thing came from another. */
export type Came = 'liquid' | 'solid' | 'solution' | 'portion';

export interface FlowNode {
  readonly name: string;
  /** What was added to it, in order. */
  readonly added: readonly string[];
  /** How it came from the one before; null for the sample. */
  readonly came: Came | null;
  readonly from: readonly FlowNode[];
}

interface Growing {
  readonly name: string;
  readonly added: string[];
  readonly came: Came | null;
  readonly from: Growing[];
}

/** `F1-2` is a later making of what `F1` is. */
const holdingOf = (id: string): string | undefined => {
  const place = id.replace(/-\d+$/, '');
  return Object.hasOwn(PLACE_NAMES, place) ? PLACE_NAMES[place] : undefined;
};

/** What a vessel is called on a label. */
const labelOf = (id: string): string => holdingOf(id) ?? `tube ${id}`;

/** What a vessel is called in a sentence. */
export const calledVessel = (id: string): string =>
  id === 'sample' || holdingOf(id) !== undefined ? `the ${holdingOf(id) ?? id}` : `tube ${id}`;

class Flow {
  readonly root: Growing = { name: 'sample', added: [], came: null, from: [] };
  private readonly now = new Map<string, Growing>([['sample', this.root]]);

  private grow(id: string, from: string, came: Came, name = labelOf(id)): void {
    const parent = this.now.get(from);
    if (!parent) return;
    if (id !== from && this.now.has(id)) return this.put(id, `${came === 'liquid' ? 'liquid' : 'some'} of ${calledVessel(from)}`);
    const node: Growing = { name, added: [], came, from: [] };
    parent.from.push(node);
    this.now.set(id, node);
  }

  private put(id: string, what: string): void {
    const added = this.now.get(id)?.added;
    if (added && added.at(-1) !== what) added.push(what);
  }

  /** Parts what stands in a vessel into its liquid and its solid. */
  private part(from: string, to: string, residue: string): void {
    const whole = labelOf(from);
    const left = this.now.get(from);
    this.grow(residue, from, 'solid', residue === from ? `solid of ${whole}` : labelOf(residue));
    const solid = this.now.get(residue);
    if (left) this.now.set(from, left);
    this.grow(to, from, 'liquid');
    if (solid && residue === from) this.now.set(from, solid);
  }

  take(op: Op): void {
    switch (op.op) {
      case 'dissolve':
      case 'carbonate-extract':
        this.grow(op.to, 'sample', 'solution');
        break;
      case 'take-solid':
        this.grow(op.to, 'sample', 'portion');
        break;
      case 'take':
        this.grow(op.to, op.from, 'portion');
        break;
      case 'decant':
        this.part(op.from, op.to, op.from);
        break;
      case 'filter':
        this.part(op.from, op.to, op.residue ?? op.from);
        break;
      case 'add':
        this.put(op.to, reagentName(op.reagent));
        break;
      case 'pass':
        this.put(op.to, op.gas.replaceAll('-', ' '));
        break;
      case 'wash':
        this.put(op.vessel, `washed with ${reagentName(op.with)}`);
        break;
      case 'evaporate':
        this.put(op.vessel, 'boiled down');
        break;
      case 'heat':
        if (op.to === 'boil') this.put(op.vessel, 'boiled');
        break;
      case 'ignite':
        this.put(op.vessel, 'ignited');
        break;
      case 'set-up':
      case 'lead':
      case 'cool':
      case 'shake':
      case 'centrifuge':
      case 'stand':
      case 'paper':
      case 'splint':
      case 'limewater':
      case 'smell':
      case 'look':
      case 'rod':
      case 'flame':
      case 'bead':
      case 'dry-heat':
      case 'charcoal':
      case 'fuse':
      case 'shake-out':
      case 'work-on':
      case 'test':
        break;
      default:
        op satisfies never;
    }
  }
}

/** Portions on which only tests were done are no part of the separation. */
function separated(node: Growing): FlowNode | null {
  const from = node.from.map(separated).filter((n): n is FlowNode => n !== null);
  return from.length || node.came === 'liquid' || node.came === 'solid' ? { ...node, from } : null;
}

/** Null when nothing was separated. */
export function flowOf({ operations }: Pick<CaseState, 'operations'>): FlowNode | null {
  const flow = new Flow();
  for (const { op, result } of operations as readonly DoneOperation[]) if (result) flow.take(op);
  const root = separated(flow.root);
  return root?.from.length ? root : null;
}
