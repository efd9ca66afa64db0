import { couples, gases, inertSolids, solids, species as aqueous } from '#core/matter/catalogue';
import { SOURCES, type SourceKey } from '#core/matter/data/sources';
import { parseFormula } from '#core/matter/formula';

const log10 = (ln: number) => Math.round((ln / Math.LN10) * 1000) / 1000;
const cite = (key: SourceKey | null) => (key ? SOURCES[key] : 'by definition');

/** `./foxing species`: the thermodynamic data in use. */
export function species(): number {
  const data = {
    aqueous: aqueous.map((s) => ({
      formula: s.id,
      charge: s.charge,
      of: s.of,
      log10Beta: log10(s.lnBeta),
      enthalpyKJ: s.enthalpy,
      source: cite(s.source),
    })),
    solids: solids.map((s) => ({
      formula: s.id,
      charge: parseFormula(s.id).charge,
      of: s.of,
      log10K: log10(s.lnK),
      enthalpyKJ: s.traits.enthalpy ?? 0,
      colour: s.colour,
      texture: s.texture,
      source: cite(s.source),
    })),
    inertSolids: inertSolids.map((s) => ({ formula: s.id, colour: s.colour, texture: s.texture })),
    gases: gases.map((g) => ({
      formula: g.id,
      charge: 0,
      of: g.of,
      log10K: log10(g.lnK),
      enthalpyKJ: g.enthalpy,
      source: cite(g.source),
    })),
    couples: couples.map((c) => ({
      id: c.id,
      half: c.row.half,
      electrons: c.electrons,
      volts: c.volts,
      oxidant: c.row.oxidant ?? {},
      reductant: c.row.reductant ?? {},
      source: cite(c.row.source),
    })),
  };
  process.stdout.write(`${JSON.stringify(data, null, 1)}\n`);
  return 0;
}
