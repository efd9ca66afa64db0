import { PICTOGRAM_WORDS } from '#core/planning/data/labels';
import { drawPictogram } from '#core/planning/pictograms';
import type { Preparation } from '#core/planning/preparation';
import { figures, sayRecipe } from '#core/planning/words';

const HEADS = ['Bottle', 'Per bench', 'Needed', 'Make', 'How', 'Keeps until'];

/** Every bottle, in the order in which it is made, and what the stock lacks. */
export function Bottles({ of: { bottles, short, minutes } }: { of: Preparation }) {
  return (
    <>
      <p role="status" className="mt-5 text-sm">
        <strong>{bottles.length} bottles</strong>, about {Math.ceil(minutes / 5) * 5} minutes for one person. What grows hot is
        made first, what must be fresh last.
      </p>
      {short.length > 0 && (
        <section aria-label="Short" className="mt-3 rounded-lg border border-rust bg-paper px-4 py-2 text-sm">
          <h2 className="font-sans font-bold">The stock is short of</h2>
          <ul className="list-disc pl-5">
            {short.map((s) => (
              <li key={s.what}>
                {s.what}: {figures(s.needed)} {s.unit} needed, {figures(s.there)} there ({s.why})
              </li>
            ))}
          </ul>
        </section>
      )}
      <div className="mt-3 overflow-x-auto">
        <table className="w-full min-w-[46rem] text-sm">
          <thead>
            <tr className="text-left">
              {HEADS.map((h) => (
                <th key={h} scope="col" className="label pr-4 pb-2">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {bottles.map((b) => (
              <tr key={b.id} className="border-t border-rule align-top">
                <th scope="row" className="py-2 pr-4 text-left font-bold">
                  {b.name}
                  <span className="mt-1 flex gap-1">
                    {b.pictograms.map((p) => (
                      <img
                        key={p}
                        src={`data:image/svg+xml;utf8,${encodeURIComponent(drawPictogram(p))}`}
                        alt={PICTOGRAM_WORDS[p]}
                        title={PICTOGRAM_WORDS[p]}
                        className="size-7"
                      />
                    ))}
                  </span>
                </th>
                <td className="py-2 pr-4 whitespace-nowrap tabular-nums">
                  {figures(b.perBench)} {b.unit}
                </td>
                <td className="py-2 pr-4 whitespace-nowrap tabular-nums">
                  {figures(b.needed)} {b.unit}
                </td>
                <td className="py-2 pr-4 font-bold whitespace-nowrap tabular-nums">
                  {figures(b.make)} {b.unit}
                </td>
                <td className="py-2 pr-4">{sayRecipe(b)}</td>
                <td className="py-2 whitespace-nowrap">{b.fresh ? 'on the day' : (b.keepsUntil ?? '')}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
