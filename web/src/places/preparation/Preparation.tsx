import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { Asked, Preparation as Prepared } from '#core/planning/preparation';
import { prepare } from '#core/planning/preparation';
import { seeded } from '#core/reasoning/student';
import { DEFAULT_RULES, type HouseRules, schoolOf } from '#core/scheme/rules';
import { restriction } from '#core/scheme/needs';
import { stationOf, STATIONS, testsOf } from '#core/scheme/tests';
import type { StockList } from '#contract';
import { TextArea, TextField } from '../../parts/fields';
import { Blank, Chip, Heading } from '../../parts/ui';
import { TopBar } from '../../shell/TopBar';
import { api } from '../../state/api';
import { type Preparing, readUnknowns, usePreparing } from '../../state/preparing';
import { Bottles } from './Bottles';
import { PaperButtons } from './PaperButtons';
import { Stock } from './Stock';

const NO_STOCK: StockList = [];

/** The tests of the chosen stations that this house allows with real samples. */
function testsIn(stations: readonly string[], rules: HouseRules): string[] {
  const school = schoolOf(rules);
  return testsOf(school)
    .filter((t) => stations.includes(stationOf(t, school)!) && !t.optional && !restriction(t, rules, false))
    .map((t) => t.id);
}

function Settings({ asked, set }: { asked: Preparing; set: (change: Partial<Preparing>) => void }) {
  const number = (name: 'benches' | 'spare' | 'allowance', label: string, most: number, least = 0) => (
    <TextField
      label={label}
      labelClass="text-muted"
      type="number"
      min={least}
      max={most}
      value={asked[name]}
      onChange={(e) => set({ [name]: Math.min(most, Math.max(least, Math.round(Number(e.target.value) || 0))) })}
    />
  );
  return (
    <div className="grid gap-3 sm:grid-cols-4">
      {number('benches', 'Benches', 200, 1)}
      {number('spare', 'Spare benches', 50)}
      {number('allowance', 'Allowance, %', 500)}
      <TextField
        label="Session on"
        labelClass="text-muted"
        type="date"
        value={asked.on}
        onChange={(e) => e.target.value && set({ on: e.target.value })}
      />
    </div>
  );
}

function Rest({ of }: { of: Prepared }) {
  return (
    <div className="mt-6 grid gap-6 sm:grid-cols-2">
      <section aria-label="At every bench">
        <h2 className="label font-sans">At every bench</h2>
        <ul className="mt-1 list-disc pl-5 text-sm">
          {of.apparatus.map((a) => (
            <li key={a.what}>{a.what}</li>
          ))}
        </ul>
      </section>
      <section aria-label="Waste">
        <h2 className="label font-sans">Waste to collect</h2>
        <ul className="mt-1 list-disc pl-5 text-sm">
          {of.waste.map((w) => (
            <li key={w.stream}>
              {w.stream}: about {w.mL} mL
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}

/** What a preparation room makes for a session. */
export function Preparation() {
  const rules = useQuery({ queryKey: ['house-rules'], queryFn: api.rules }).data ?? DEFAULT_RULES;
  const { data: stock = NO_STOCK } = useQuery({ queryKey: ['stock'], queryFn: api.stock });
  const { set, ...preparing } = usePreparing();
  const { benches, spare, allowance, stations, on, deal } = preparing;
  const { unknowns, wrong } = useMemo(() => readUnknowns(preparing.unknowns), [preparing.unknowns]);
  const asked = useMemo(
    (): Asked => ({ tests: testsIn(stations, rules), benches, spare, allowance: allowance / 100, rules, unknowns, stock, on }),
    [stations, rules, benches, spare, allowance, unknowns, stock, on],
  );
  const made = useMemo(() => (asked.tests.length ? prepare(asked, seeded(deal)) : null), [asked, deal]);
  const toggle = (id: string) => set({ stations: stations.includes(id) ? stations.filter((s) => s !== id) : [...stations, id] });
  return (
    <div className="flex min-h-dvh flex-col">
      <TopBar />
      <main id="main" className="mx-auto w-full max-w-6xl px-5 py-8">
        <Heading note="Every bottle for so many benches, how it is made from the stock at hand, what must be fresh and what is short. The arithmetic is Foxing’s; the risk assessment is yours.">
          Preparation
        </Heading>
        <div className="no-print">
          <Settings asked={preparing} set={set} />
          <div role="group" aria-label="Stations" className="mt-4 flex flex-wrap gap-1.5">
            {Object.entries(STATIONS[schoolOf(rules)]).map(([id, name]) => (
              <Chip key={id} small on={stations.includes(id)} onClick={() => toggle(id)}>
                {name}
              </Chip>
            ))}
          </div>
          <TextArea
            label="Unknowns, one a line: what is in it, grams for one bench"
            labelClass="text-muted"
            className="mt-4"
            rows={3}
            value={preparing.unknowns}
            placeholder={'KBr 2\nZnSO4·7H2O 2'}
            note={
              wrong
                ? `Line ${wrong} cannot be read: write a formula and the grams, such as “KBr 2”.`
                : 'They are dealt to lettered bottles so that neighbours differ; the key is printed by itself.'
            }
            onChange={(e) => set({ unknowns: e.target.value })}
          />
        </div>
        {made ? (
          <>
            <PaperButtons asked={asked} deal={deal} made={made} again={() => set({ deal: deal + 1 })} />
            <Bottles of={made} />
            <Rest of={made} />
          </>
        ) : (
          <Blank title="No tests are chosen">Choose the stations that will be worked.</Blank>
        )}
        <Stock items={stock} />
      </main>
    </div>
  );
}
