/** Reasoning and what is read off the atlases, in threads that give way to the bench. */
import { loadAtlas, loadCompounds } from '#atlas';
import type { SampleSpec } from '#core/bench/sample';
import { type Equation } from '#core/reactions/equations';
import { solidById } from '#core/matter/catalogue';
import { FormulaError } from '#core/matter/formula';
import { StructureError } from '#core/organic/smiles';
import { rulesOfSchool } from '#core/reasoning/atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { equationsIn, inTest, ofSuspect } from '#core/reasoning/handbook';
import { SaltSpace, type Space } from '#core/reasoning/space';
import type { Scheme } from '#core/scheme/model';
import { testById } from '#core/scheme/tests';
import type { CompoundView, DrawingOfSet, DrawnSet, EquationsView, GivenView, PaperView, WayView } from '#contract';
import { shorterWay } from '../reasoning/shorter';
import { answerBook } from '../classes/answer-book';
import { assess, type Assessed, drawSet } from '../classes/assess';
import { libraryView, ownView } from '../compounds/view';
import { type Answer, type Question, think } from '../reasoning/think';
import { preparationPdf, type PreparationPaper } from '../preparation/pdf';
import { pdfOf, type Printing } from '../report/pdf';
import type { ListFormat } from '#core/exchange/formats';
import { type Listed, readList, type ReadList, writeList } from '#core/exchange/lists';
import { CaseFileError } from '#core/exchange/case-file';
import { readCase, type ReadCase } from '../exchange/read-case';
import type { Done } from './crew';

const SINGLE = { cations: 1, anions: 1 };
const spaces = new Map<Scheme, Space>();

/** Single salts of a school, or the library's compounds. */
async function spaceOf(scheme: Scheme): Promise<Space> {
  let space = spaces.get(scheme);
  if (!space) {
    space =
      scheme === 'organic'
        ? new CompoundSpace(await loadCompounds())
        : new SaltSpace(await loadAtlas(), rulesOfSchool(scheme), SINGLE);
    spaces.set(scheme, space);
  }
  return space;
}

const view = (given: ReturnType<typeof ofSuspect>): GivenView[] =>
  given.map((g) => ({
    ...g,
    outcomes: g.outcomes.map((o) => ({ ...o, see: [...o.see], such: [...o.such] })),
    otherwise: g.otherwise.map((o) => ({ ...o, see: [...o.see] })),
  }));

const side = (parts: Equation['left']) => parts.map(([count, formula]) => ({ count, formula, solid: solidById.has(formula) }));

interface Assessing {
  readonly samples: readonly SampleSpec[];
  /** Tests that will be allowed; null for all. */
  readonly tests: readonly string[] | null;
}

interface Thinking {
  readonly question: Question;
  readonly isFirst: boolean;
  readonly stop: Int32Array;
}

interface InScheme {
  readonly scheme: Scheme;
  readonly test: string;
}

/** What structures that are given make of it; in words why they cannot be read. */
function structured<T>(work: () => T): Done<T> {
  try {
    return { value: work() };
  } catch (error) {
    if (error instanceof StructureError) return { refused: error.message };
    throw error;
  }
}

export const tasks = {
  /** @param stop its first number becomes one when what there is will do. */
  think: async ({ question, isFirst, stop }: Thinking): Promise<Done<Answer>> => ({
    value: await think(question, isFirst, () => Atomics.load(stop, 0) !== 0),
  }),
  /** What every suspect gives in a test. */
  inTest: async ({ scheme, test }: InScheme): Promise<Done<GivenView[]>> => {
    const space = await spaceOf(scheme);
    return { value: space.knows(test) ? view(inTest(space, test).map((g) => ({ test, ...g }))) : [] };
  },
  /** What a suspect gives in every test of the first of these schemes that has it. */
  ofSuspect: async ({ schemes, suspect }: { schemes: readonly Scheme[]; suspect: string }): Promise<Done<GivenView[]>> => {
    for (const scheme of schemes) {
      const space = await spaceOf(scheme);
      if (space.suspects.includes(suspect)) return { value: view(ofSuspect(space, suspect)) };
    }
    return { refused: 'There is no such ion, element or group in the handbook.' };
  },
  /** Net ionic equations by which a test shows its suspects. */
  equations: async ({ scheme, test }: InScheme): Promise<Done<EquationsView[]>> => {
    const space = await spaceOf(scheme);
    if (!space.knows(test)) return { value: [] };
    const suspects = new Set(testById.get(test)?.signs?.flatMap((s) => s.of));
    const found = [...suspects].map((suspect) => ({
      suspect,
      equations: equationsIn(space, test, suspect).map((e) => ({ left: side(e.left), right: side(e.right) })),
    }));
    return { value: found.filter((f) => f.equations.length > 0) };
  },
  /** Unknowns of about equal difficulty that the allowed tests tell apart. */
  drawSet: async (asked: DrawingOfSet): Promise<Done<DrawnSet>> => ({ value: await drawSet(asked, Math.random) }),
  assess: async ({ samples, tests: allowed }: Assessing): Promise<Done<Assessed>> => {
    try {
      return { value: await assess(samples, allowed) };
    } catch (error) {
      if (error instanceof FormulaError || error instanceof StructureError) return { refused: error.message };
      throw error;
    }
  },
  /** A case in JSON, as it is taken in. */
  readCase: (bytes: Uint8Array): Done<ReadCase> => {
    try {
      return { value: readCase(bytes) };
    } catch (error) {
      if (error instanceof CaseFileError) return { refused: `The case cannot be imported: ${error.message}.` };
      throw error;
    }
  },
  /** The report as a PDF. */
  pdf: async (asked: Printing): Promise<Done<Uint8Array>> => ({ value: await pdfOf(asked) }),
  shorterWay: async (sample: SampleSpec): Promise<Done<WayView | null>> => ({ value: await shorterWay(sample) }),
  /** A paper printed empty. */
  answerBook: async (paper: PaperView): Promise<Done<Uint8Array>> => ({ value: await answerBook(paper) }),
  preparationPdf: async (asked: PreparationPaper): Promise<Done<Uint8Array>> => ({ value: await preparationPdf(asked) }),
  /** Lists of compounds in and out: long ones take a while, and no bench waits for them. */
  readList: ({ text, format }: { text: string; format: ListFormat }): Done<ReadList> => structured(() => readList(text, format)),
  writeList: ({ list, format }: { list: readonly Listed[]; format: ListFormat }): Done<string> =>
    structured(() => writeList(list, format)),
  ownCompounds: (list: readonly Listed[]): Done<CompoundView[]> => structured(() => list.map(ownView)),
  library: async (_: null): Promise<Done<readonly CompoundView[]>> => ({ value: await libraryView() }),
};

export type ThoughtTasks = typeof tasks;
