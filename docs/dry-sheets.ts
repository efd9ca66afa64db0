/**
 * A page of every dry test and everything held up, in both themes, as the bench draws it: flames bare, beside sodium and
 * through cobalt glass; beads hot and cold in both zones; charcoal; hard-glass tubes; papers; splints, lime water, smell, fumes.
 */
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { openBench, perform } from '#core/bench/bench';
import type { Op } from '#core/bench/ops';
import { PAPER_ROWS } from '#core/matter/data/papers';
import type { Scene as Drawn } from '#core/senses/drawn';
import { observe } from '#core/senses/perceive';
import { showingOf } from '#core/senses/showing';
import type { Observation } from '#core/vocabulary/observation';
import { Scene } from '../web/src/parts/scenes/Scene';

type Shown = { name: string; scene: Drawn; text: string };

/** A gram of the first, and a little of what is swept in with it. */
const salts = (formulas: readonly string[]) => ({ salts: formulas.map((formula, i) => ({ formula, grams: i ? 0.1 : 1 })) });

function shown(name: string, formulas: readonly string[], op: Op): Shown[] {
  const showing = showingOf(op, observe(perform(openBench(salts(formulas)), op).happened));
  return showing?.scene ? [{ name, scene: showing.scene, text: showing.text }] : [];
}
const held = (op: Op, see: Observation): Shown[] => {
  const showing = showingOf(op, [see]);
  return showing?.scene ? [{ name: showing.text, scene: showing.scene, text: showing.text }] : [];
};

const FLAMES = [
  'NaCl',
  'KCl',
  'LiCl',
  'SrCl2·6H2O',
  'CaCl2·2H2O',
  'BaCl2·2H2O',
  'CuCl2·2H2O',
  'H3BO3',
  'PbCl2',
  'SbCl3',
  'MgSO4·7H2O',
];
const BEADS = ['CuSO4·5H2O', 'FeSO4·7H2O', 'CrCl3·6H2O', 'MnSO4·4H2O', 'CoCl2·6H2O', 'NiSO4·6H2O', 'ZnSO4·7H2O'];
const BLOCKS = [
  'Pb(NO3)2',
  'Bi(NO3)3·5H2O',
  'AgNO3',
  'CuSO4·5H2O',
  'ZnSO4·7H2O',
  'CdSO4',
  'Al2(SO4)3·18H2O',
  'MgSO4·7H2O',
  'SnCl2·2H2O',
  'CoCl2·6H2O',
  'NaCl',
];
const TUBES = [
  'CuSO4·5H2O',
  'ZnCO3',
  'Pb(NO3)2',
  'NH4Cl',
  'NaCl',
  'K2Cr2O7',
  'CuCO3',
  'HgCl2',
  'KMnO4',
  'NaNO3',
  'CoCl2·6H2O',
  'FeSO4·7H2O',
];

const flame = (through: 'none' | 'cobalt-glass'): Op => ({ op: 'flame', from: 'sample', through });
const paperOp = (paper: (typeof PAPER_ROWS)[number]['id']): Op => ({
  op: 'paper',
  vessel: 'A',
  paper,
  where: 'mouth',
  damp: true,
});

const SHEETS: Readonly<Record<string, Shown[]>> = {
  'Flames, bare': FLAMES.flatMap((f) => shown(f, [f], flame('none'))),
  'Flames, with a tenth of sodium chloride': FLAMES.slice(1).flatMap((f) => shown(`${f} + NaCl`, [f, 'NaCl'], flame('none'))),
  'Flames, through cobalt glass': FLAMES.flatMap((f) => shown(f, [f], flame('cobalt-glass'))),
  Beads: BEADS.flatMap((f) =>
    (['oxidising', 'reducing'] as const).flatMap((zone) =>
      (['hot', 'cold'] as const).flatMap((look) => shown(f, [f], { op: 'bead', from: 'sample', zone, look })),
    ),
  ),
  Charcoal: BLOCKS.flatMap((f) => shown(f, [f], { op: 'charcoal' })),
  'Charcoal, with cobalt nitrate': BLOCKS.flatMap((f) => shown(f, [f], { op: 'charcoal', then: 'cobalt-nitrate' })),
  'Hard-glass tube': TUBES.flatMap((f) => shown(f, [f], { op: 'dry-heat', to: 'H', grams: 0.2, strong: true })),
  Papers: PAPER_ROWS.flatMap((row) => {
    const colour = row.turns?.colour ?? row.becomes ?? 'red';
    return [
      ...held(paperOp(row.id), { channel: 'paper', paper: row.id, event: 'unchanged' }),
      ...held(paperOp(row.id), { channel: 'paper', paper: row.id, event: 'changed', colour }),
    ];
  }),
  'Splints, lime water, smell, fumes': [
    ...(['unchanged', 'pop', 'extinguished'] as const).flatMap((event) =>
      held({ op: 'splint', vessel: 'A', splint: 'lit' }, { channel: 'splint', splint: 'lit', event }),
    ),
    ...(['unchanged', 'relit'] as const).flatMap((event) =>
      held({ op: 'splint', vessel: 'A', splint: 'glowing' }, { channel: 'splint', splint: 'glowing', event }),
    ),
    ...(['clear', 'cloudy', 'cloudy-then-clear'] as const).flatMap((event) =>
      held({ op: 'limewater', vessel: 'A' }, { channel: 'limewater', event }),
    ),
    ...(['none', 'pungent'] as const).flatMap((smell) => held({ op: 'smell', vessel: 'A' }, { channel: 'smell', smell })),
    ...(['none', 'white-fumes'] as const).flatMap((event) =>
      held({ op: 'rod', vessel: 'A', dipped: 'ammonia-conc' }, { channel: 'fumes', event }),
    ),
  ],
};

const e = createElement;
const cell = ({ name, scene, text }: Shown, key: number) =>
  e(
    'figure',
    { key },
    e('div', null, e(Scene, { scene, text })),
    e('figcaption', null, e('b', null, name), ' ', text === name ? '' : text),
  );

const style = `body{margin:0;font:10.5px sans-serif}section{padding:8px 12px}h2{margin:4px 0;font-size:14px}section>div{display:flex;flex-wrap:wrap;gap:6px}
  figure{margin:0;width:112px}figure>div{height:126px;background:#fff;border-radius:8px;overflow:hidden}figcaption{line-height:1.25;height:40px;overflow:hidden}
  .hood{background:#181513;color:#f1e8da}.hood figure>div{background:#17191d}`;
const page = renderToStaticMarkup(
  Object.entries(SHEETS).map(([title, list]) =>
    e('section', { key: title }, e('h2', null, title), e('div', null, list.map(cell))),
  ),
);

/** @param hood on the dark ground of the hood theme. */
export const drySheets = (hood: boolean): string =>
  `<!doctype html><meta charset="utf-8"><style>${style}</style><body class="${hood ? 'hood' : ''}">${page}`;
