import { useQuery } from '@tanstack/react-query';
import { clsx } from 'clsx';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { ANIONS, CATIONS } from '#core/matter/data/components';
import { TESTED_ELEMENTS } from '#core/organic/data/features';
import { difficultiesFrom } from '#core/practice/difficulties';
import { type Graded, judgeAnswer, type Rung, TO_MASTER } from '#core/practice/rung';
import { sayConfused, sayDifficulty } from '#core/reasoning/hardness';
import { DEFAULT_RULES, schoolOf } from '#core/scheme/rules';
import { stationOf, STATIONS, testsOf, testTitle } from '#core/scheme/tests';
import { nameOf } from '#core/senses/names';
import { ChoiceField } from '../../parts/fields';
import { Formula } from '../../parts/Formula';
import { Blank, Button, Chip } from '../../parts/ui';
import { api } from '../../state/api';
import { askWorker, usePractice } from '../../state/practice';
import type { TestShown } from '../../state/practice.worker';

const GRAMS = 3;
const isCompound = ({ sample }: Graded) => 'smiles' in sample;
const schemeOf = (graded: Graded) => (isCompound(graded) ? ('organic' as const) : schoolOf(DEFAULT_RULES));

async function fetchLadder(): Promise<Rung[]> {
  const table = difficultiesFrom((await import('#difficulty')).default);
  return askWorker<'ladder'>({ ask: 'ladder', table });
}

/** Which ions or elements are there. */
function Claims({ graded, claimed, toggle }: { graded: Graded; claimed: readonly string[]; toggle: (id: string) => void }) {
  const groups: readonly (readonly [string, readonly string[]])[] = isCompound(graded)
    ? [['Elements', TESTED_ELEMENTS]]
    : [
        ['Cations', CATIONS],
        ['Anions', ANIONS],
      ];
  return groups.map(([name, ids]) => (
    <fieldset key={name} className="mt-3">
      <legend className="label font-sans">{name}</legend>
      <div className="mt-1 flex flex-wrap gap-1">
        {ids.map((id) => (
          <Chip key={id} small on={claimed.includes(id)} onClick={() => toggle(id)} aria-label={nameOf(id)}>
            <Formula of={id} />
          </Chip>
        ))}
      </div>
    </fieldset>
  ));
}

/** One graded sample, test by test, to an answer. */
function AtWork({ rung, graded, leave }: { rung: Rung; graded: Graded; leave: () => void }) {
  const [shown, setShown] = useState<readonly TestShown[]>([]);
  const [claimed, setClaimed] = useState<readonly string[]>([]);
  const [answered, setAnswered] = useState(false);
  const found = usePractice((s) => s.found);
  const navigate = useNavigate();
  const scheme = schemeOf(graded);
  const tests = testsOf(scheme).filter((t) => !shown.some((s) => s.test === t.id));
  const [test, setTest] = useState(tests[0]!.id);
  const judged = judgeAnswer(graded.truth, claimed);
  const run = () =>
    void askWorker<'test'>({ ask: 'test', sample: graded.sample, scheme, test })
      .then((one) => {
        setShown((list) => [...list, one]);
        const rest = tests.filter((t) => t.id !== test);
        setTest(rest[tests.findIndex((t) => t.id === test)]?.id ?? rest[0]?.id ?? '');
      })
      .catch((error: Error) => toast.error(error.message));
  const answer = () => {
    setAnswered(true);
    if (judged.passed) found({ rung: rung.id, name: graded.name, from: graded.difficulty.confused.map(([name]) => name) });
  };
  const toBench = () => {
    const { sample } = graded;
    const name = `Graded: ${rung.name}`;
    const asked =
      'smiles' in sample
        ? { structure: { name, smiles: sample.smiles, grams: GRAMS } }
        : { salts: { name, salts: 'salts' in sample ? [...sample.salts] : [] } };
    void api
      .create(asked)
      .then(({ summary }) => navigate(`/cases/${summary.id}/bench`))
      .catch((error: Error) => toast.error(error.message));
  };
  const list = (ids: readonly string[]) => ids.map(nameOf).join(', ');
  return (
    <section aria-label="Graded sample" className="grid gap-6 lg:grid-cols-2">
      <div>
        <h2 className="text-xl">{rung.name}</h2>
        <div className="mt-3 flex flex-wrap items-end gap-2">
          <ChoiceField
            label="Test"
            value={test}
            onChange={(e) => setTest(e.target.value)}
            options={tests.map((t) => ({
              value: t.id,
              name: t.title,
              group: STATIONS[scheme][stationOf(t, scheme)!] ?? 'Other',
            }))}
          />
          <Button look="solid" onClick={run} disabled={!test || answered}>
            Do the test
          </Button>
          <Button look="quiet" onClick={toBench}>
            Work it on the bench instead
          </Button>
        </div>
        <ol className="mt-4 space-y-2 text-sm" aria-label="What was shown">
          {shown.map((s) => (
            <li key={s.test} className="border-t border-rule pt-2">
              <strong>{testTitle(s.test)}</strong>
              <span className="block text-muted first-letter:capitalize">{s.seen.join('; ')}.</span>
            </li>
          ))}
          {!shown.length && <li className="text-muted">Choose a test and do it; dry and cheap ones come first.</li>}
        </ol>
      </div>
      <div>
        <h3 className="label font-sans">What is there?</h3>
        <Claims
          graded={graded}
          claimed={claimed}
          toggle={(id) => !answered && setClaimed((all) => (all.includes(id) ? all.filter((c) => c !== id) : [...all, id]))}
        />
        <div className="mt-4 flex gap-2">
          {!answered && (
            <Button look="solid" disabled={!claimed.length} onClick={answer}>
              Check
            </Button>
          )}
          <Button onClick={leave}>{answered ? 'To the samples' : 'Cancel'}</Button>
        </div>
        <div aria-live="polite" className="mt-3 text-sm">
          {answered && (
            <>
              <p className="font-bold">
                {judged.passed ? 'Right' : 'Not yet'}: it was <Formula of={graded.name} />.
              </p>
              {judged.wrong.length > 0 && <p>Not there: {list(judged.wrong)}.</p>}
              {judged.missed.length > 0 && <p>There as well: {list(judged.missed)}.</p>}
              <p className="text-muted">A student takes {sayDifficulty(graded.difficulty)}.</p>
            </>
          )}
        </div>
      </div>
    </section>
  );
}

/** Samples in order of difficulty, each rung with one trouble more. */
export function GradedSamples() {
  const { data: rungs, error } = useQuery({
    queryKey: ['ladder'],
    queryFn: fetchLadder,
    staleTime: Infinity,
    networkMode: 'always',
  });
  const told = usePractice((s) => s.told);
  const [at, setAt] = useState<{ readonly rung: Rung; readonly graded: Graded } | null>(null);
  if (error)
    return (
      <Blank title="The samples could not be loaded">
        <p>{error.message}</p>
      </Blank>
    );
  if (!rungs) return <Blank title="Loading the samples …" />;
  if (at) return <AtWork key={at.graded.name} {...at} leave={() => setAt(null)} />;
  const begin = (rung: Rung) => {
    const open = rung.samples.filter((s) => !told.some((t) => t.name === s.name));
    const graded = (open.length ? open : rung.samples)[0]!;
    setAt({ rung, graded });
  };
  return (
    <ol className="space-y-3" aria-label="Levels">
      {rungs.map((rung) => {
        const found = told.filter((t) => t.rung === rung.id);
        return (
          <li
            key={rung.id}
            className="flex flex-wrap items-center gap-x-4 gap-y-1 rounded-lg border border-rule bg-paper px-4 py-3"
          >
            <div className="min-w-0 grow">
              <h3 className="font-sans font-bold">{rung.name}</h3>
              <p className="text-sm text-muted">
                {found.length === 0
                  ? `${rung.samples.length} samples, from ${rung.samples[0]?.difficulty.minutes} minutes of work`
                  : found.slice(-3).map((t, i) => (
                      <span key={t.name}>
                        {i > 0 && '; '}
                        <Formula of={t.name} />
                        {t.from.length > 0 && <> told from {t.from.slice(0, 2).map(sayConfused).join(' and ')}</>}
                      </span>
                    ))}
              </p>
            </div>
            <span className={clsx('text-sm', found.length >= TO_MASTER ? 'font-bold' : 'text-muted')}>
              {found.length >= TO_MASTER ? 'Mastered' : `${found.length} of ${TO_MASTER} found`}
            </span>
            <Button onClick={() => begin(rung)}>Start a sample</Button>
          </li>
        );
      })}
    </ol>
  );
}
