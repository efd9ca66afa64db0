/**
 * Whatever salt an ion comes in, the tests that prove it show it on our bench, in every school: but for what is named here with what
 * becomes of it there. Not all of these would be so on a real bench.
 */
import { loadAtlas } from '#atlas';
import { FORMS, rulesOfSchool } from '#core/reasoning/atlas';
import { SaltSpace } from '#core/reasoning/space';
import { SCHOOLS } from '#core/scheme/model';
import { showsSign, testsOf } from '#core/scheme/tests';

const HIDDEN: readonly (readonly [ion: string, salts: string, why: string])[] = [
  [
    'S2-',
    'Ag2S PbS HgS CuS CdS Bi2S3 FeS ZnS CoS NiS',
    'boiling with carbonate does not open it, nor dilute acid the least soluble',
  ],
  ['Cl-', 'AgCl', 'boiling with carbonate does not open it'],
  ['Br-', 'AgBr', 'boiling with carbonate does not open it'],
  ['I-', 'AgI HgI2', 'boiling with carbonate does not open it'],
  ['AsO4^3-', 'Ag3AsO4', 'boiling with carbonate does not open it'],
  ['Cl-', 'SnCl4', 'tin falls beside silver chloride and stays in ammonia'],
  ['Hg2^2+', 'Hg2Cl2', 'nitric acid, which dissolves it, makes mercury(II) of it'],
  ['Sr2+', 'Sr3(PO4)2', 'phosphate drags it down early where there are no groups'],
  ['Sr2+', 'SrC2O4', 'most of it falls as oxalate when the acid solution is made basic, before its turn'],
  ['Sr2+', 'SrF2', 'most of it falls as fluoride when the acid solution is made basic, before its turn'],
  ['Ca2+', 'CaC4H4O6', 'it falls as tartrate when the acid solution is made basic, before its turn'],
  ['Ca2+', 'Ca3(PO4)2', 'phosphate drags it down early where there are no groups'],
  ['Bi3+', 'Bi2O3', 'it is so much that stannite blackens a part of it only'],
  ['Mn2+', 'MnI2', 'iodine colours the liquid'],
  ['Mn2+', 'MnBr2·6H2O', 'bromine colours the liquid'],
  [
    'Cl-',
    'BiOCl Hg2Cl2 HgCl2 SbCl3 SnCl2 SnCl2·2H2O',
    'it gives no chromyl chloride, as no chloride does that hardly breaks up into ions',
  ],
  ['Ba2+', 'BaCrO4', 'it falls again when the acid solution is made basic, before its turn'],
  ['Ag+', 'Ag2S', 'sulfur is left beside it'],
  ['As3+', 'As2S3', 'nitric acid, which dissolves it, makes arsenate of it, and sulfur beside which its sulfide is lost'],
];
const hidden = new Map(HIDDEN.flatMap(([ion, salts, why]) => salts.split(' ').map((salt) => [`${ion} ${salt}`, why] as const)));

test('every salt shows what proves its ions', async () => {
  const atlas = await loadAtlas();
  const missed = new Set<string>();
  let shown = 0;
  for (const school of SCHOOLS) {
    const space = new SaltSpace(atlas, rulesOfSchool(school), { cations: 1, anions: 1 });
    for (const [m, { salts }] of space.members.entries()) {
      const form = FORMS[salts[0]!];
      if (!form) continue;
      for (const test of testsOf(school))
        for (const sign of (test.signs ?? []).filter((s) => s.proves))
          for (const ion of sign.of.filter((id) => form.ions.includes(id)))
            if (showsSign(space.outline(m, test.id), sign)) shown++;
            else missed.add(`${ion} ${form.name}`);
    }
  }
  expect(shown).toBeGreaterThan(2500);
  expect([...missed].sort()).toEqual([...hidden.keys()].sort());
});
