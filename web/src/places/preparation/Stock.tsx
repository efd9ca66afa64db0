import { useMutation, useQueryClient } from '@tanstack/react-query';
import { clsx } from 'clsx';
import { X } from 'lucide-react';
import { useState } from 'react';
import { STOCK_LIQUIDS } from '#core/planning/data/recipes';
import { isPast } from '#core/planning/preparation';
import { type StockList, stockItemSchema } from '#contract';
import { ChoiceField, TextField, Wrong } from '../../parts/fields';
import { Button } from '../../parts/ui';
import { api } from '../../state/api';

const UNITS = [
  { value: 'g', name: 'g' },
  { value: 'mL', name: 'mL' },
];
const today = () => new Date().toISOString().slice(0, 10);
const nameOf = (item: string) => STOCK_LIQUIDS[item]?.name ?? item;

/** What stands on the shelves of the preparation room, with its dates. */
export function Stock({ items }: { items: StockList }) {
  const queries = useQueryClient();
  const save = useMutation({ mutationFn: api.saveStock, onSuccess: (now) => queries.setQueryData(['stock'], now) });
  const [wrong, setWrong] = useState<string | null>(null);
  const put = (form: FormData) => {
    const text = (name: string) => (form.get(name) as string).trim();
    const parsed = stockItemSchema.safeParse({
      item: text('item'),
      amount: Number(text('amount').replace(',', '.')),
      unit: text('unit'),
      ...(text('purity') && { purity: Number(text('purity').replace(',', '.')) / 100 }),
      ...(text('expires') && { expires: text('expires') }),
    });
    setWrong(parsed.success ? null : parsed.error.issues[0]!.message);
    if (parsed.success) save.mutate([...items, parsed.data]);
    return parsed.success;
  };
  return (
    <section aria-label="Stock" className="no-print mt-10 border-t border-rule pt-5">
      <h2 className="text-2xl">Stock</h2>
      <p className="text-sm text-muted">
        Write down what you have, by formula, or “hydrochloric-acid-conc” and the like for concentrated liquids; then Foxing says
        what is short. With nothing written, nothing is said to be short.
      </p>
      <ul className="mt-2 divide-y divide-rule">
        {items.map((s, i) => (
          <li
            key={i}
            className={clsx('flex max-w-2xl items-center justify-between gap-3 text-sm', isPast(s, today()) && 'text-rust-deep')}
          >
            <span>
              <strong>{nameOf(s.item)}</strong>, {s.amount} {s.unit}
              {s.purity !== undefined && `, ${Math.round(s.purity * 1000) / 10} %`}
              {s.expires && `, until ${s.expires}`}
              {isPast(s, today()) && ' (past its date)'}
            </span>
            <button
              type="button"
              className="grid size-11 place-items-center"
              aria-label={`Take ${nameOf(s.item)} out`}
              onClick={() => save.mutate(items.filter((x) => x !== s))}
            >
              <X size={15} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <form
        aria-label="A bottle more"
        className="mt-3 grid items-end gap-3 text-muted sm:grid-cols-[1.5fr_6rem_5rem_6rem_10rem_auto]"
        onSubmit={(e) => {
          e.preventDefault();
          if (put(new FormData(e.currentTarget))) e.currentTarget.reset();
        }}
      >
        <TextField label="What" name="item" maxLength={80} />
        <TextField label="Amount" name="amount" inputMode="decimal" />
        <ChoiceField label="Unit" name="unit" options={UNITS} />
        <TextField label="Purity, %" name="purity" inputMode="decimal" />
        <TextField label="Until" name="expires" type="date" />
        <Button type="submit" disabled={save.isPending}>
          Add
        </Button>
      </form>
      <Wrong>{wrong ?? save.error?.message}</Wrong>
    </section>
  );
}
