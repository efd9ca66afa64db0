/** Writes an HTML sheet of every colour that the model knows: liquids at four strengths, precipitates, dry salts. */
import { writeFileSync } from 'node:fs';
import { INERT_SOLIDS, SOLIDS } from '#core/matter/data/solids';
import { SPECTRA } from '#core/matter/data/spectra';
import { liquidWord, SOLID_WORDS, transmitted } from '#core/senses/colour';

const STRENGTHS = [0.2, 0.05, 0.01, 0.001];

const cell = (hex: string, text: string) =>
  `<div class="cell"><div class="swatch" style="background:${hex}"></div><small>${text}</small></div>`;

const liquids = SPECTRA.map(([id, , ...bands]) => {
  const cells = STRENGTHS.map((molar) => {
    const hex = transmitted([{ bands, molar }]);
    return cell(hex, `${molar} M ${liquidWord(hex)}`);
  });
  return `<div class="row"><b>${id}</b>${cells.join('')}</div>`;
});

const solids = [
  ...SOLIDS.map(([formula, , , colour, texture, , traits]) => ({ formula, colour, texture, hex: traits?.hex })),
  ...INERT_SOLIDS.map(([formula, colour, texture, traits]) => ({ formula, colour, texture, hex: traits?.hex })),
].map((s) => cell(s.hex ?? SOLID_WORDS[s.colour]!, `<b>${s.formula}</b> ${s.colour}`));

const style = `body{font:11px sans-serif;margin:16px;width:1500px;background:#fff}.row{display:inline-flex;width:370px;align-items:center}
  .row b{width:90px;overflow:hidden}.cell{width:68px;margin:2px}.solids .cell{display:inline-block;width:112px}.swatch{height:26px;border:1px solid #999}`;

writeFileSync(
  process.argv[2] ?? 'contact-sheet.html',
  `<meta charset="utf-8"><style>${style}</style><h2>Liquids through 1 cm</h2>${liquids.join('')}<h2>Solids</h2><div class="solids">${solids.join('')}</div>`,
);
