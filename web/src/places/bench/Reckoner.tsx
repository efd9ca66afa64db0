import { useQuery } from '@tanstack/react-query';
import { ChevronDown } from 'lucide-react';
import { Collapsible } from 'radix-ui';
import { useState } from 'react';
import { REAGENTS } from '#core/matter/data/reagents';
import type { CaseView, ReckoningView, VesselView } from '#contract';
import { api } from '../../state/api';
import { useBench } from '../../state/bench';

const amount = (mL: number, dropML: number) => {
  const drops = Math.ceil(mL / dropML - 1e-6);
  return `${drops} ${drops === 1 ? 'drop' : 'drops'} (${mL.toFixed(2)} mL)`;
};

function lines(r: ReckoningView, reagent: string, dropML: number): string[] {
  return [
    `${r.mL.toFixed(2)} mL are ${Math.round(r.mL / dropML)} drops of ${dropML} mL.`,
    r.acid > 0.001
      ? `Free acid by what you added: ${r.acid.toFixed(2)} mol/L.${r.waterTo !== undefined ? ` ${r.waterTo.toFixed(1)} mL of water bring it to 0.3 mol/L.` : ' That is below 0.3 mol/L.'}`
      : 'By what you added, no free acid.',
    ...(r.neutralise
      ? [
          `${amount(r.neutralise.mL, dropML)} of ${reagent} bring it to just ${r.neutralise.end === 'just-basic' ? 'basic' : 'acidic'}, if the sample itself takes none.`,
        ]
      : []),
    ...(r.enough !== undefined
      ? [`${amount(r.enough, dropML)} of ${reagent} are enough for all of the sample in this tube, whatever it is.`]
      : []),
  ];
}

/** The arithmetic of the tube in hand, from what was added to it; the unknown itself stays unknown. */
export function Reckoner({ view, held }: { view: CaseView; held: VesselView }) {
  const [open, setOpen] = useState(false);
  const chosen = useBench((s) => s.reagent);
  const reagent = REAGENTS.find((r) => r.id === chosen);
  const { data, error } = useQuery({
    queryKey: ['reckoning', view.summary.id, view.seq, held.id, chosen],
    queryFn: () => api.reckon(view.summary.id, { tube: held.id, reagent: chosen }),
    enabled: open,
  });
  return (
    <Collapsible.Root open={open} onOpenChange={setOpen} className="mt-1">
      <Collapsible.Trigger className="group -ml-2 inline-flex min-h-11 items-center gap-1 rounded-lg px-2 text-sm font-bold text-rust hover:bg-wash">
        Arithmetic <ChevronDown size={14} className="transition-transform group-data-[state=open]:rotate-180" aria-hidden />
      </Collapsible.Trigger>
      <Collapsible.Content>
        {error && <p className="text-sm text-rust-deep">{error.message}</p>}
        {data && (
          <ul className="space-y-1 text-sm text-muted tabular-nums" aria-label="Arithmetic">
            {lines(data, reagent ? reagent.name[0]!.toLowerCase() + reagent.name.slice(1) : '', view.rules.dropML).map((l) => (
              <li key={l}>{l}</li>
            ))}
          </ul>
        )}
      </Collapsible.Content>
    </Collapsible.Root>
  );
}
