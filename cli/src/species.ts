import { conversions, couples, gases, inertSolids, solids, species as aqueous } from '#core/matter/catalogue';
import { FITTED_TO } from '#core/matter/data/fits';
import { SOURCES, type SourceKey } from '#core/matter/data/sources';
import { parseFormula } from '#core/matter/formula';

const log10 = (ln: number) => Math.round((ln / Math.LN10) * 1000) / 1000;
/** Where a value comes from; of one without a reviewed source, to what it was fitted. */
function cite(key: SourceKey | null, id: string): string {
  if (!key) return 'by definition';
  return FITTED_TO[id] === undefined || key !== 'FIT' ? SOURCES[key] : `${SOURCES[key]}: fitted to ${FITTED_TO[id]}`;
}

/** `./foxing species`: the thermodynamic data in use. */
export function species(): number {
  const data = {
    aqueous: aqueous.map((s) => ({
      formula: s.id,
      charge: s.charge,
      of: s.of,
      log10Beta: log10(s.lnBeta),
      enthalpyKJ: s.enthalpy,
      source: cite(s.source, s.id),
    })),
    solids: solids.map((s) => ({
      formula: s.id,
      charge: parseFormula(s.id).charge,
      of: s.of,
      log10K: log10(s.lnK),
      enthalpyKJ: s.traits.enthalpy ?? 0,
      colour: s.colour,
      texture: s.texture,
      source: cite(s.source, s.id),
    })),
    inertSolids: inertSolids.map((s) => ({ formula: s.id, colour: s.colour, texture: s.texture })),
    gases: gases.map((g) => ({
      formula: g.id,
      charge: 0,
      of: g.of,
      log10K: log10(g.lnK),
      enthalpyKJ: g.enthalpy,
      source: cite(g.source, g.id),
    })),
    couples: couples.map((c) => ({
      id: c.id,
      half: c.row.half,
      electrons: c.electrons,
      volts: c.volts,
      oxidant: c.row.oxidant ?? {},
      reductant: c.row.reductant ?? {},
      source: cite(c.row.source, c.id),
    })),
    conversions: conversions.map((c) => ({
      id: c.id,
      change: c.change,
      halfLifeMinutes: c.halfLife,
      gate: c.gate,
      source: cite(c.source, c.id),
    })),
  };
  process.stdout.write(`${JSON.stringify(data, null, 1)}\n`);
  return 0;
}
