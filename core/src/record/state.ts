/** What a case is made of, once its events are folded. */
import { asRead } from '../vocabulary/readings';
import type { Op } from '../bench/ops';
import type { HouseRules } from '../scheme/rules';
import { FREE_WORK } from '../scheme/tests';
import type { Observation } from '../vocabulary/observation';
import type { EventOf, RecordedOf, Said } from './events';
import type { CaseSubject, EntryWorking, OperationResult, VesselResult } from './result';

export interface Entry {
  readonly number: number;
  readonly test: string;
  readonly vessel?: string;
  readonly observed: readonly Observation[];
  /** What the blank beside it showed. */
  readonly blank?: readonly Observation[];
  readonly note?: string;
  readonly inference?: string;
  readonly infers?: readonly { readonly of: string; readonly says: Said }[];
  readonly confidence: 'sure' | 'unsure';
  readonly at: string;
  /** When it was written down, where it arrived later. */
  readonly done?: string;
  readonly who: string;
  readonly struck?: { readonly reason: string; readonly at: string; readonly who: string };
  /** The working that it speaks of. */
  readonly working: EntryWorking;
  /** Sequence number of the last event that changed it. */
  readonly seq: number;
}

/** A photo beside the record. */
export interface Photo {
  /** SHA-256 of its bytes as kept. */
  readonly photo: string;
  readonly width: number;
  readonly height: number;
  readonly test: string;
  readonly vessel?: string;
  readonly caption?: string;
  /** The entry with which it stands, once there is one. */
  readonly entry: number | null;
  readonly at: string;
  readonly seq: number;
}

export interface DoneOperation {
  readonly seq: number;
  readonly op: Op;
  readonly test?: string;
  readonly run?: { readonly id: string; readonly step: number; readonly tubes: Record<string, string> };
  readonly at: string;
  /** What came of it; null where it could not be replayed. */
  readonly result: OperationResult | null;
}

export interface StandingVessel extends VesselResult {
  readonly id: string;
  /** Where its contents came from: a vessel, or `sample`. */
  readonly parent?: string;
  /** When it was known where its contents came from: those that came of it are told anew then. */
  readonly parentSeq: number;
  /** Drops of the last reagent, as long as no other came between. */
  readonly drops: number;
  readonly reagent?: string;
  readonly gone: boolean;
  readonly seq: number;
}

/** How far a standard test was worked: the vessels it touched, and the last run of its steps. */
export interface WorkedTest {
  readonly id: string;
  readonly vessels: readonly string[];
  readonly run?: { readonly id: string; readonly done: number; readonly tubes: Readonly<Record<string, string>> };
  readonly seq: number;
}

export interface Timer {
  readonly id: string;
  readonly label: string;
  /** ISO time at which it rings. */
  readonly due: string;
  readonly tube?: string;
  readonly test?: string;
}

export interface Report {
  readonly found: EventOf<'conclusion'>['payload']['found'];
  readonly formula?: string;
  readonly remarks?: string;
  readonly signed: string;
  readonly at: string;
}

/** Where a case stands: at work; signed; given back to be worked on; marked; opened up, its identity shown. */
export type Status = 'open' | 'signed' | 'returned' | 'marked' | 'opened-up';

/** Under what it is remembered up to which operation was written: in free work tube by tube. */
export const spokenOfAs = (test: string, vessel: string | undefined): string =>
  test === FREE_WORK && vessel !== undefined ? `${test} ${vessel}` : test;

export interface CaseState {
  readonly seq: number;
  readonly at: string;
  readonly subject: CaseSubject;
  readonly rules: HouseRules;
  /** When the rules were last taken on. */
  readonly rulesSeq: number;
  readonly status: Status;
  readonly operations: readonly DoneOperation[];
  readonly entries: readonly Entry[];
  readonly photos: readonly Photo[];
  /** When an entry was last struck. */
  readonly struckSeq: number;
  readonly vessels: ReadonlyMap<string, StandingVessel>;
  readonly tests: ReadonlyMap<string, WorkedTest>;
  /** By test, the last operation of which an entry speaks. */
  readonly spokenOf: ReadonlyMap<string, number>;
  readonly timers: readonly Timer[];
  /** Signed reports, the last one in force while the status says so. */
  readonly reports: readonly Report[];
  readonly returned: { readonly reason: string; readonly at: string } | null;
  readonly marks: RecordedOf<'marked'>['payload'] | null;
  readonly warnings: readonly { readonly text: string; readonly seq: number }[];
  readonly minutes: number;
  /** Of the sample, in its unit. */
  readonly spent: number;
  /** Ions of which a proving sign stands in the record. */
  readonly hinted: readonly string[];
  /** What the last sodium fusion taught. */
  readonly fusion: OperationResult['fusion'] | null;
  readonly identity: string | null;
  /** Why nothing more can be done. */
  readonly readOnly: string | null;
}

/** The report in force, if one is signed. */
export const reportOf = ({ status, reports }: CaseState): Report | null =>
  status === 'open' || status === 'returned' ? null : (reports.at(-1) ?? null);

/** How much of the sample is left, in its unit. */
export const leftOf = ({ subject, spent }: CaseState): number => Math.max(0, asRead('portion', subject.amount - spent));
