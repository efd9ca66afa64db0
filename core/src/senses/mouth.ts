/** What is held to the mouth of a vessel or dipped into it: papers, splints, lime water, rods, the nose. */
import type { OpOf } from '../bench/ops';
import { atMouth } from '../bench/mouth';
import type { Vessel } from '../bench/vessel';
import { gasById } from '../matter/catalogue';
import type { GasSenses } from '../matter/data/gases';
import { PAPER_ROWS, type PaperRow } from '../matter/data/papers';
import type { Observation, ObservationOf } from '../vocabulary/observation';
import type { Colour } from '../vocabulary/words';

const NOTICEABLE_ATM = 1e-4;
/** A waft tells a gas from this partial pressure on, atm. */
const SMELT_ATM = 3e-4;
/** From this partial pressure of a bleaching gas on, litmus goes white, atm. */
const BLEACHING_ATM = 3e-3;
const SPLINT_ATM = 0.2;
const FUMING_ATM = 5e-4;
const CLOUDING_ATM = 0.02;
/** Carbon dioxide past this, mol, takes the first cloud away again. */
const CLEARING_MOL = 2e-3;

type AtMouth = GasSenses & { readonly id: string; readonly atm: number };

const present = (vessel: Vessel, least = NOTICEABLE_ATM): AtMouth[] =>
  [...atMouth(vessel)].filter(([, atm]) => atm >= least).map(([id, atm]) => ({ ...gasById.get(id)!.senses, id, atm }));

const rows = new Map(PAPER_ROWS.map((r) => [r.id, r]));
type PaperSeen = ObservationOf<'paper'>;

const turned = (row: PaperRow, colour: Colour): PaperSeen => ({ channel: 'paper', paper: row.id, event: 'changed', colour });
const untouched = (row: PaperRow): PaperSeen => ({ channel: 'paper', paper: row.id, event: 'unchanged', colour: row.untouched });

function inLiquid(vessel: Vessel, row: PaperRow): PaperSeen {
  const pH = vessel.pH ?? 7;
  if (row.turns) {
    const turns = row.turns.by === 'alkaline' ? pH > row.turns.pH : pH < row.turns.pH;
    return turns ? turned(row, row.turns.colour) : untouched(row);
  }
  if (row.scale) {
    const whole = Math.min(14, Math.max(0, Math.round(pH)));
    return { ...turned(row, row.scale[whole]!), pH: whole };
  }
  const { species, least } = row.dissolved!;
  const molar = Object.entries(species).reduce((sum, [id, weight]) => sum + (vessel.species[id] ?? 0) * weight, 0);
  return molar > least ? turned(row, row.becomes!) : untouched(row);
}

/** How much a weak acid counts beside a strong one or ammonia. */
const WEAK_ACID = 0.1;
const ALKALINE_PH = 10;
const ACID_PH = 3;

function overGas(gases: readonly AtMouth[], row: PaperRow): PaperSeen {
  const strength = (kind: GasSenses['litmus']) =>
    Math.max(0, ...gases.filter((g) => g.litmus === kind).map((g) => g.atm * (g.weakAcid === undefined ? 1 : WEAK_ACID)));
  const acid = strength('acid');
  const alkaline = strength('alkaline');
  if (row.turns) {
    if (strength('bleaches') > BLEACHING_ATM) return turned(row, 'white');
    const acids = gases.filter((g) => g.litmus === 'acid');
    const onlyWeak = Math.max(0, ...acids.map((g) => g.weakAcid ?? 0));
    const needed = acids.every((g) => g.weakAcid !== undefined) ? onlyWeak : 0;
    const turns = row.turns.by === 'alkaline' ? alkaline > acid : acid > Math.max(alkaline, needed);
    return turns ? turned(row, row.turns.colour) : untouched(row);
  }
  if (row.scale) {
    const pH = alkaline > acid ? ALKALINE_PH : acid > 0 ? ACID_PH : undefined;
    return pH === undefined ? { ...untouched(row), pH: 7 } : { ...turned(row, row.scale[pH]!), pH };
  }
  const { sense, least } = row.gas!;
  return gases.some((g) => g[sense] && g.atm > least) ? turned(row, row.becomes!) : untouched(row);
}

function paperSeen(vessel: Vessel, op: OpOf<'paper'>): Observation {
  const row = rows.get(op.paper)!;
  return op.where === 'liquid' ? inLiquid(vessel, row) : overGas(op.damp ? present(vessel) : [], row);
}

function splintSeen(vessel: Vessel, { splint }: OpOf<'splint'>): Observation {
  const effects = present(vessel, SPLINT_ATM).map((g) => g.splint);
  const wanted = splint === 'glowing' ? (['relit'] as const) : (['pop', 'extinguished'] as const);
  return { channel: 'splint', splint, event: wanted.find((event) => effects.includes(event)) ?? 'unchanged' };
}

function limewaterSeen(vessel: Vessel): Observation {
  const clouding = [...atMouth(vessel)].filter(([id, atm]) => gasById.get(id)!.senses.limewater && atm > CLOUDING_ATM);
  if (!clouding.length) return { channel: 'limewater', event: 'clear' };
  const mol = Math.max(...clouding.map(([id]) => vessel.gas[id] ?? 0));
  return { channel: 'limewater', event: mol > CLEARING_MOL ? 'cloudy-then-clear' : 'cloudy' };
}

function smellSeen(vessel: Vessel): Observation {
  const strongest = present(vessel, SMELT_ATM)
    .filter((g) => g.smell)
    .sort((a, b) => (b.deadly ? 9 : b.atm) - (a.deadly ? 9 : a.atm))[0];
  return { channel: 'smell', smell: strongest?.smell ?? 'none' };
}

function rodSeen(vessel: Vessel, op: OpOf<'rod'>): Observation {
  const fumes = present(vessel, FUMING_ATM).some((g) => g.rod === op.dipped);
  return { channel: 'fumes', event: fumes ? 'white-fumes' : 'none' };
}

export type HeldOp = OpOf<'paper' | 'splint' | 'limewater' | 'smell' | 'rod'>;

/** What something held to a vessel shows. */
export function heldSeen(vessel: Vessel, op: HeldOp): Observation {
  switch (op.op) {
    case 'paper':
      return paperSeen(vessel, op);
    case 'splint':
      return splintSeen(vessel, op);
    case 'limewater':
      return limewaterSeen(vessel);
    case 'smell':
      return smellSeen(vessel);
    case 'rod':
      return rodSeen(vessel, op);
  }
}
