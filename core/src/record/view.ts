/**
 * What of a case a reader may see, and of that what has changed since an event. Nothing else sends case data out: this is the
 * one redaction.
 */
import { asRead } from '../vocabulary/readings';
import { accountOf } from '../scheme/account';
import { FREE_WORK, PLACE_NAMES, testById, testTitle } from '../scheme/tests';
import type { HouseRules } from '../scheme/rules';
import { drawingText, plainText } from '../senses/drawing';
import type { Drawing, Scene, Showing } from '../senses/drawn';
import { asDescribed, showingOf, testShowing } from '../senses/showing';
import type { Observation } from '../vocabulary/observation';
import {
  type CaseState,
  type Entry,
  leftOf,
  type Photo,
  type Report,
  reportOf,
  type StandingVessel,
  type Status,
  type Timer,
  type WorkedTest,
} from './case';
import { type Portion, portionsOf } from './portions';
import { entryTitle } from './procedure';
import type { EquationOf } from './result';

/** Who reads: its owner, or an examiner, who may know what it is. */
export type Reader = 'owner' | 'examiner';

/** What a list says of a case. */
export interface CaseDigest {
  readonly name: string;
  readonly look: string;
  readonly kind: 'simulated' | 'real';
  readonly matter: 'salt' | 'compound';
  readonly updatedAt: string;
  readonly entries: number;
  readonly left: number;
  readonly of: number;
  readonly unit: 'g' | 'mL';
  readonly minutes: number;
  readonly hinted: readonly string[];
  readonly status: Status;
  readonly concluded: boolean;
  /** What was done last, for who looks on; absent before anything was done. */
  readonly last?: { readonly test: string | null; readonly at: string; readonly hazard: boolean };
}

export interface VesselView {
  readonly id: string;
  readonly celsius: number;
  readonly drops: number;
  readonly lastReagent?: string;
  readonly family: readonly string[];
  /** What a shared tube of the scheme holds, by name. */
  readonly holds?: string;
  readonly drawing: Drawing;
}

/** What of a case is not as it was. */
export interface CaseChanges {
  readonly seq: number;
  /** Vessels that are new or changed, and those that are no longer there. */
  readonly vessels: readonly VesselView[];
  readonly gone: readonly string[];
  readonly entries: readonly Omit<Entry, 'seq'>[];
  readonly photos: readonly Omit<Photo, 'seq'>[];
  readonly tests: readonly Omit<WorkedTest, 'seq'>[];
  readonly warnings: readonly string[];
  /** The rest is short, and always there. */
  readonly timers: readonly Timer[];
  readonly rules: HouseRules;
  readonly report: Report | null;
  readonly returned: CaseState['returned'];
  readonly marks: CaseState['marks'];
  readonly identity: string | null;
  readonly readOnly: string | null;
  /** The vessel of the last operation. */
  readonly active: string | null;
  /** Words for what the last operation showed, when the house rules give that help. */
  readonly words?: readonly Observation[];
  readonly showing: Showing | null;
  /** What was washed out of a mixture. */
  readonly portions: readonly Portion[];
  /** What the last sodium fusion taught. */
  readonly fusion: { readonly good: boolean; readonly remarks: readonly string[] } | null;
  /** What reacted in the last operation, once the identity may be known. */
  readonly equations?: readonly EquationOf[];
}

export function digestOf(state: CaseState): CaseDigest {
  const { subject } = state;
  const report = reportOf(state);
  const last = state.operations.at(-1);
  return {
    name: subject.name,
    look: subject.look,
    kind: subject.kind,
    matter: subject.matter,
    updatedAt: state.at,
    entries: state.entries.length,
    left: leftOf(state),
    of: subject.amount,
    unit: subject.unit,
    minutes: asRead('clock', state.minutes),
    hinted: report ? report.found.filter((f) => f.claim === 'confirmed').map((f) => f.ion) : state.hinted,
    status: state.status,
    concluded: report !== null,
    ...(last && { last: { test: last.test ?? null, at: last.at, hazard: (last.result?.warnings.length ?? 0) > 0 } }),
  };
}

/** The version of the chemistry that worked out the last operation. */
export const chemistryOf = ({ operations }: CaseState): string | null => operations.at(-1)?.result?.chemistry ?? null;

const DEEPEST_FAMILY = 12;

function familyOf(id: string, vessels: CaseState['vessels']): string[] {
  const line = [id];
  for (let at = vessels.get(id)?.parent; at && line.length < DEEPEST_FAMILY && !line.includes(at); at = vessels.get(at)?.parent)
    line.unshift(at);
  if (line[0] !== 'sample') line.unshift('sample');
  return line;
}

/** `F1` and its later makings `F1-2`, `F1-3` hold the same thing. */
const placeOf = (id: string): string | undefined => {
  const place = id.replace(/-\d+$/, '');
  return Object.hasOwn(PLACE_NAMES, place) ? PLACE_NAMES[place] : undefined;
};

/** Words for colours and textures are given only where the house rules give that help; a real tube has none to give. */
const givesWords = (state: CaseState): boolean => state.rules.help === 'words' || state.subject.kind === 'real';

const drawn = (drawing: Drawing, words: boolean): Drawing => ({
  ...drawing,
  text: words ? drawingText(drawing) : plainText(drawing),
});

function vesselView(vessel: StandingVessel, state: CaseState): VesselView {
  const holds = placeOf(vessel.id);
  return {
    id: vessel.id,
    celsius: vessel.celsius,
    drops: vessel.drops,
    ...(vessel.reagent !== undefined && { lastReagent: vessel.reagent }),
    family: familyOf(vessel.id, state.vessels),
    ...(holds !== undefined && { holds }),
    drawing: state.subject.kind === 'real' ? described(vessel, state) : drawn(vessel.drawing, givesWords(state)),
  };
}

/** A real tube takes the colours that were written down of it. */
function described({ id, drawing }: StandingVessel, { entries }: CaseState): Drawing {
  const see = entries.filter((e) => e.vessel === id && !e.struck).flatMap((e) => e.observed);
  return see.length ? asDescribed(see, drawing.mL) : drawing;
}

/** What may be said of the last operation; of a step of a standard test, of the whole working so far. */
export function lastSeen({ operations, rules }: CaseState): Observation[] {
  const last = operations.at(-1);
  if (!last) return [];
  const test = last.test === undefined ? undefined : testById.get(last.test);
  if (!test || !last.run) return [...(last.result?.see ?? [])];
  const done = operations.filter((o) => o.run?.id === last.run!.id && !(o.op.op === 'test' && o.op.control));
  return accountOf(done, test, rules);
}

const WHOSE = ['sample', 'positive', 'negative'] as const;

function showingIn({ operations }: CaseState): Showing | null {
  const last = operations.at(-1);
  if (!last) return null;
  const { op } = last;
  const of = last.test === undefined ? {} : { test: last.test };
  if (op.op !== 'test') {
    const showing = showingOf(op, last.result?.see ?? []);
    return showing && { ...showing, ...of };
  }
  const seen = WHOSE.flatMap((whose) => {
    const done = operations.findLast((o) => o.op.op === 'test' && o.op.test === op.test && (o.op.control ?? 'sample') === whose);
    return done?.result?.see.length ? [{ of: whose, see: done.result.see }] : [];
  });
  return { ...testShowing(testTitle(op.test), seen), ...of };
}

/** A showing without words, for a person who is to find them; what is read off an instrument stays. */
function wordless(showing: Showing): Showing {
  const { tubes } = showing;
  return {
    ...showing,
    text: '',
    ...(tubes && {
      tubes: tubes.map((t) => ({ ...t, text: '', ...(t.drawing && { drawing: drawn(t.drawing, false) }) })),
    }),
  };
}

/** Scenes that a picture cannot tell. */
const ONLY_WORDS: readonly (Scene['is'] | undefined)[] = ['smell', 'splint'];

/** In free work it is said what it is called: nobody else can work that out from the entry alone. */
const entryView = (entry: Entry, state: CaseState) => ({
  ...withoutSeq(entry),
  ...(entry.test === FREE_WORK && { called: entryTitle(state, entry) }),
});

const withoutSeq = <T extends { readonly seq: number }>({ seq: _, ...rest }: T): Omit<T, 'seq'> => rest;

/**
 * What has changed after event `after`; all of it after 0.
 * @param reader an owner learns the identity and the equations when the case was opened up.
 */
export function changesSince(state: CaseState, after: number, reader: Reader): CaseChanges {
  const last = state.operations.at(-1);
  const newer = <T extends { readonly seq: number }>(all: readonly T[]) => all.filter((x) => x.seq > after);
  const added = <T extends { readonly seq: number }>(all: readonly T[]) =>
    all.slice(all.findLastIndex((x) => x.seq <= after) + 1);
  // With other rules a vessel is told in other words.
  const standing = [...state.vessels.values()];
  const simulated = state.subject.kind === 'simulated';
  const written = new Set(simulated ? [] : newer(state.entries).map((e) => e.vessel));
  const retold = state.rulesSeq > after || (!simulated && state.struckSeq > after);
  const moved = (v: StandingVessel) =>
    familyOf(v.id, state.vessels).some((id) => (state.vessels.get(id)?.parentSeq ?? 0) > after);
  const vessels = standing.filter((v) => retold || v.seq > after || written.has(v.id) || moved(v));
  const known = reader === 'examiner' || state.status === 'opened-up';
  const showing = simulated ? showingIn(state) : null;
  return {
    seq: state.seq,
    vessels: vessels.filter((v) => !v.gone).map((v) => vesselView(v, state)),
    gone: vessels.filter((v) => v.gone).map((v) => v.id),
    entries: (state.struckSeq > after ? newer(state.entries) : added(state.entries)).map((e) => entryView(e, state)),
    photos: newer(state.photos).map(withoutSeq),
    tests: newer([...state.tests.values()]).map(withoutSeq),
    warnings: added(state.warnings).map((w) => w.text),
    timers: state.timers,
    rules: state.rules,
    report: reportOf(state),
    returned: state.returned,
    marks: state.marks,
    identity: known ? state.identity : null,
    readOnly: state.readOnly,
    active: last?.result?.vessel ?? null,
    ...(simulated && state.rules.help === 'words' && last && { words: lastSeen(state) }),
    showing: showing && (givesWords(state) || ONLY_WORDS.includes(showing.scene?.is) ? showing : wordless(showing)),
    portions: portionsOf(state),
    fusion: state.fusion ?? null,
    ...(known && last?.result && { equations: last.result.equations }),
  };
}
