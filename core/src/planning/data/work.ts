/** How long each operation keeps what busy, minutes. By judgement, after the times that the bench counts. */
import type { Op } from '../../bench/ops';
import type { Resource } from '../schedule';

export interface WorkRow {
  /** Of an operation that says its own minutes, what it takes beside them. */
  readonly minutes: number;
  readonly uses: readonly Resource[];
}

export const WORK: Readonly<Record<Op['op'], WorkRow>> = {
  'set-up': { minutes: 0.5, uses: ['hands'] },
  take: { minutes: 0.5, uses: ['hands'] },
  'take-solid': { minutes: 1, uses: ['hands'] },
  dissolve: { minutes: 4, uses: ['hands'] },
  add: { minutes: 0.5, uses: ['hands'] },
  pass: { minutes: 0.5, uses: ['hands', 'hood'] },
  heat: { minutes: 0, uses: ['hands', 'burner'] },
  evaporate: { minutes: 6, uses: ['hands', 'burner', 'hood'] },
  ignite: { minutes: 6, uses: ['hands', 'burner', 'hood'] },
  lead: { minutes: 1, uses: ['hands'] },
  cool: { minutes: 0.5, uses: ['hands'] },
  shake: { minutes: 0.5, uses: ['hands'] },
  centrifuge: { minutes: 3, uses: ['centrifuge'] },
  stand: { minutes: 0, uses: [] },
  decant: { minutes: 0.5, uses: ['hands'] },
  filter: { minutes: 3, uses: ['hands'] },
  wash: { minutes: 2, uses: ['hands'] },
  paper: { minutes: 0.5, uses: ['hands'] },
  splint: { minutes: 0.5, uses: ['hands', 'burner'] },
  limewater: { minutes: 2, uses: ['hands'] },
  smell: { minutes: 0.5, uses: ['hands'] },
  look: { minutes: 0.5, uses: ['hands'] },
  rod: { minutes: 0.5, uses: ['hands'] },
  flame: { minutes: 2, uses: ['hands', 'burner'] },
  bead: { minutes: 3, uses: ['hands', 'burner'] },
  'dry-heat': { minutes: 4, uses: ['hands', 'burner'] },
  charcoal: { minutes: 5, uses: ['hands', 'burner'] },
  'carbonate-extract': { minutes: 10, uses: ['hands', 'burner'] },
  fuse: { minutes: 12, uses: ['hands', 'burner', 'hood'] },
  'shake-out': { minutes: 8, uses: ['hands'] },
  'work-on': { minutes: 0.5, uses: ['hands'] },
  test: { minutes: 2, uses: ['hands'] },
};

/** A warm bath holds a tube by itself. */
export const WARMING: WorkRow = { minutes: 0, uses: ['bath'] };
/** Writing down what was seen. */
export const WRITING: WorkRow = { minutes: 1, uses: ['hands'] };
