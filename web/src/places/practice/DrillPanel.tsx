import { clsx } from 'clsx';
import { useCallback, useEffect, useRef, useState } from 'react';
import { type SkillId, SKILLS } from '#core/practice/data/skills';
import { type Drill, type Exhibit, rightOf, scoreOf } from '#core/practice/drill';
import { nextSkill } from '#core/practice/learning';
import { Scene } from '../../parts/scenes/Scene';
import { Tube } from '../../parts/Tube';
import { TextField, Wrong } from '../../parts/fields';
import { Blank, Button } from '../../parts/ui';
import { askWorker, usePractice } from '../../state/practice';

/** What a day needs, minutes. */
const A_DAY = 10;
const MINUTE_MS = 60000;

function Shown({ exhibit: { caption, drawing, scene }, bare }: { exhibit: Exhibit; bare?: boolean }) {
  return (
    <figure
      className={clsx(
        'flex h-64 flex-col items-center justify-end rounded-xl bg-white p-2 text-[#20242d]',
        !bare && 'border border-rule',
      )}
    >
      <div className="min-h-0 w-full grow">
        {drawing && <Tube drawing={drawing} className="mx-auto h-full" text={caption} />}
        {scene && <Scene scene={scene} text={caption} />}
      </div>
      <figcaption className="pt-1 text-center text-sm font-bold">{caption}</figcaption>
    </figure>
  );
}

function NumberAnswer({ unit, give }: { unit: string; give: (value: number) => void }) {
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState('');
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        const value = Number(text.replace(',', '.'));
        if (text.trim() === '' || !Number.isFinite(value)) setWrong('Write a number, such as 12 or 0.5.');
        else give(value);
      }}
    >
      <TextField
        label={`Your answer, ${unit}`}
        inputMode="decimal"
        autoFocus
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <Button type="submit" look="solid">
        Check
      </Button>
      {wrong && <Wrong>{wrong}</Wrong>}
    </form>
  );
}

function said(credit: number): string {
  return credit === 1 ? 'Right.' : credit > 0 ? 'Near.' : 'No.';
}

/** One judgement after another, what is due or shaky first. */
export function DrillPanel() {
  const { skills, answer } = usePractice();
  const [drill, setDrill] = useState<Drill | null>(null);
  const [given, setGiven] = useState<{ readonly what: string | number; readonly credit: number } | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const [wanted, setWanted] = useState<SkillId | null>(null);
  const [count, setCount] = useState(0);
  const [began] = useState(Date.now);
  const turns = useRef(0);
  const next = useRef<HTMLButtonElement>(null);

  /** Another drill: the last asked for is shown, whatever was still being made before it. */
  const turn = useCallback(async (skill: SkillId) => {
    const mine = ++turns.current;
    setFailed(null);
    const before = usePractice.getState().skills[skill]?.key;
    try {
      const made = await askWorker<'drill'>({ ask: 'drill', skill, ...(before !== undefined && { before }) });
      if (mine !== turns.current) return;
      setDrill(made);
      setGiven(null);
    } catch (error) {
      if (mine === turns.current) setFailed((error as Error).message);
    }
  }, []);
  const goOn = () => void turn(wanted ?? nextSkill(usePractice.getState().skills, new Date(), drill?.skill));
  useEffect(() => {
    if (!drill) void turn(nextSkill(skills, new Date()));
  }, [drill, skills, turn]);
  useEffect(() => {
    if (given) next.current?.focus();
  }, [given]);

  if (failed)
    return (
      <Blank title="The drill could not be loaded">
        <p>{failed}</p>
        <Button className="mt-4" onClick={goOn}>
          Try another
        </Button>
      </Blank>
    );
  if (!drill) return <Blank title="Loading …" />;

  const give = (what: string | number) => {
    if (given) return;
    const credit = scoreOf(drill, what);
    setGiven({ what, credit });
    setCount((n) => n + 1);
    answer(drill.skill, drill.key, credit);
  };
  const minutes = Math.floor((Date.now() - began) / MINUTE_MS);
  const { answering } = drill;
  return (
    <section aria-label="Drill" className="min-w-0">
      <div className="mb-2 flex flex-wrap items-center justify-between gap-2 text-sm text-muted">
        <label className="flex items-center gap-2">
          <span>Practise</span>
          <select
            className="min-h-11 rounded-lg border border-rule bg-card px-2"
            value={wanted ?? ''}
            onChange={(e) => {
              const skill = (e.target.value || null) as SkillId | null;
              setWanted(skill);
              void turn(skill ?? nextSkill(skills, new Date(), drill.skill));
            }}
          >
            <option value="">what is due</option>
            {Object.entries(SKILLS).map(([id, { name }]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <span className="tabular-nums">
          {count} answered · {minutes >= A_DAY ? 'enough for today' : `${minutes} of ${A_DAY} minutes`}
        </span>
      </div>
      <p className="label font-sans">{SKILLS[drill.skill].name}</p>
      <h2 className="mt-1 mb-3 text-xl">{drill.ask}</h2>
      {drill.exhibits.length > 0 && (
        <div className="mb-4 grid grid-cols-[repeat(auto-fit,minmax(8rem,1fr))] gap-3">
          {drill.exhibits.map((e) =>
            answering.by === 'exhibit' ? (
              <button
                key={e.caption}
                type="button"
                disabled={given !== null}
                onClick={() => give(e.caption)}
                aria-label={`Tube ${e.caption}`}
                className={clsx(
                  'rounded-xl border-2',
                  given && answering.choices.find((c) => c.id === e.caption)?.credit === 1
                    ? 'border-slate'
                    : given?.what === e.caption
                      ? 'border-rust'
                      : 'border-rule hover:border-rust',
                )}
              >
                <Shown exhibit={e} bare />
              </button>
            ) : (
              <Shown key={e.caption} exhibit={e} />
            ),
          )}
        </div>
      )}
      {answering.by === 'choice' && (
        <div role="group" aria-label="Answers" className="flex flex-wrap gap-2">
          {answering.choices.map((c) => (
            <Button
              key={c.id}
              disabled={given !== null && given.what !== c.id && c.credit !== 1}
              aria-pressed={given?.what === c.id}
              onClick={() => give(c.id)}
              look={given && c.credit === 1 ? 'solid' : 'outline'}
              className={clsx('first-letter:capitalize', given?.what === c.id && c.credit !== 1 && 'border-rust text-rust-deep')}
            >
              {c.label}
            </Button>
          ))}
        </div>
      )}
      {answering.by === 'number' && !given && <NumberAnswer key={drill.key} unit={answering.unit} give={give} />}
      <div aria-live="polite" className="mt-4 min-h-24">
        {given && (
          <>
            <p>
              <strong className={given.credit === 1 ? '' : 'text-rust-deep'}>{said(given.credit)}</strong>{' '}
              {given.credit < 1 && <>It is {rightOf(drill)}. </>}
              {drill.why}
            </p>
            <Button ref={next} look="solid" className="mt-3" onClick={goOn}>
              Next
            </Button>
          </>
        )}
      </div>
    </section>
  );
}
