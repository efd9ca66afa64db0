import type { EquationsView } from '#contract';
import { Formula } from './Formula';

type Equation = EquationsView['equations'][number];

const Side = ({ of }: { of: Equation['left'] }) =>
  of.map(({ count, formula, solid }, i) => (
    <span key={formula} className="whitespace-nowrap">
      {i > 0 && ' + '}
      {count > 1 && `${count} `}
      <Formula of={formula} />
      {solid && <span className="text-muted">(s)</span>}
    </span>
  ));

/** A net ionic equation. */
export const Terms = ({ of }: { of: Equation }) => (
  <>
    <Side of={of.left} /> → <Side of={of.right} />
  </>
);
