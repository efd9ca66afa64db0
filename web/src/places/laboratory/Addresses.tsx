import { useQuery } from '@tanstack/react-query';
import { QrCode } from '../../parts/QrCode';
import { Blank, Heading } from '../../parts/ui';
import { TopBar } from '../../shell/TopBar';
import { api } from '../../state/api';
import { useAddresses } from './addresses';

const when = (iso: string) => new Date(iso).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' });

/** The certificate that phones and laptops take once. */
function OwnAuthority({ address, fingerprint }: { address: string; fingerprint: string }) {
  return (
    <section aria-label="Certificate" className="mt-8">
      <h2 className="label font-sans">Before a device opens Foxing for the first time</h2>
      <div className="mt-2 flex flex-wrap items-start gap-6">
        <QrCode text={address} label={`QR code of ${address}`} />
        <div className="max-w-prose text-sm">
          <p>
            This laboratory vouches for itself: every phone or laptop installs its certificate once, from{' '}
            <strong className="font-mono">{address}</strong>.
          </p>
          <p className="mt-2">Have people compare this fingerprint with the one on their screen:</p>
          <p className="mt-1 rounded bg-wash px-2 py-1 font-mono text-xs [overflow-wrap:anywhere]">{fingerprint}</p>
        </div>
      </div>
    </section>
  );
}

function Backups() {
  const { data } = useQuery({ queryKey: ['keeping'], queryFn: api.keeping });
  if (!data) return null;
  const [last] = data.backups;
  const tried = data.backups.find((b) => b.triedAt !== null);
  return (
    <>
      <section aria-label="Backups" className="mt-8">
        <h2 className="label font-sans">Backups</h2>
        {!last && (
          <p className="text-sm text-muted">
            None is made by itself. Start Foxing with <code>--backup-to FOLDER</code>, on another disk if there is one.
          </p>
        )}
        {last?.problem && (
          <p role="alert" className="mt-1 rounded-lg border border-rust bg-paper px-4 py-2 text-sm">
            The last backup, {when(last.at)}, failed: {last.problem}
          </p>
        )}
        {last && !last.problem && (
          <p className="text-sm">
            The last was made {when(last.at)}: {last.file}, {last.megabytes || 'less than 0.1'} MB.
          </p>
        )}
        {last && (
          <p className="text-sm">
            {tried ? `It was last restored on trial ${when(tried.triedAt!)}.` : 'None has been restored on trial yet.'}
          </p>
        )}
      </section>
      <section aria-label="Log of privileged acts" className="mt-8">
        <h2 className="label font-sans">What instructors and administrators did</h2>
        {!data.audit.length && <p className="text-sm text-muted">Nothing yet.</p>}
        <ul className="mt-1 text-sm">
          {data.audit.map((line) => (
            <li key={`${line.at} ${line.act} ${line.about}`} className="flex flex-wrap gap-x-3 border-t border-rule py-1">
              <span className="w-40 text-muted">{when(line.at)}</span>
              <span className="min-w-0 grow">
                {line.name} {line.act} <strong>{line.about}</strong>
              </span>
            </li>
          ))}
        </ul>
      </section>
    </>
  );
}

/** How the laboratory is reached, and for the administrator what is watched over. */
export function Addresses() {
  const me = useQuery({ queryKey: ['me'], queryFn: api.me });
  const laboratory = useQuery({ queryKey: ['laboratory'], queryFn: api.laboratory });
  const { addresses, authority } = useAddresses();
  return (
    <div className="flex min-h-dvh flex-col">
      <TopBar />
      <main id="main" className="mx-auto w-full max-w-5xl grow px-5 py-8">
        <Heading note="To be projected, or written on the board. A class’s own page shows the address with its code.">
          {laboratory.data?.name ? `Addresses of ${laboratory.data.name}` : 'Addresses'}
        </Heading>
        {!addresses.length && (
          <Blank title="Only this machine reaches Foxing">
            <p>
              To open it to a class, start it with <code>./foxing serve --certificate own</code>; <code>./foxing help serve</code>{' '}
              tells the other ways.
            </p>
          </Blank>
        )}
        <ul className="flex flex-wrap gap-8" aria-label="Addresses">
          {addresses.map((address) => (
            <li key={address}>
              <QrCode text={address} label={`QR code of ${address}`} />
              <p className="mt-2 font-mono text-lg [overflow-wrap:anywhere]">{address}</p>
            </li>
          ))}
        </ul>
        {authority && <OwnAuthority {...authority} />}
        {me.data?.role === 'keeper' && <Backups />}
      </main>
    </div>
  );
}
