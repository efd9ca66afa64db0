import type { ReactNode } from 'react';
import { Confirm } from '../../parts/Confirm';
import { Button } from '../../parts/ui';

interface Props {
  readonly name: string;
  readonly give: () => void;
  /** What giving it does. */
  readonly children: ReactNode;
}

/** Gives a person a new passphrase, once it was asked whether that is meant. */
export function GivePassphrase({ name, give, children }: Props) {
  return (
    <Confirm
      trigger={
        <Button look="quiet" aria-label={`A new passphrase for ${name}`}>
          New passphrase
        </Button>
      }
      title={`A new passphrase for ${name}?`}
      act="Set passphrase"
      done={give}
    >
      {children}
    </Confirm>
  );
}
