import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { testById } from '#core/scheme/tests';
import { nameOf } from '#core/senses/names';
import { Formula } from '../../parts/Formula';
import { Heading } from '../../parts/ui';
import { api } from '../../state/api';
import { BackToHandbook, Fetched, Outcomes, Page } from './Page';

/** One ion, element or group: what it gives in every test that has a sign of it. */
export function SuspectPage() {
  const suspect = useParams()['suspect'] ?? '';
  const { data, error, refetch } = useQuery({
    queryKey: ['handbook', 'suspect', suspect],
    queryFn: () => api.givenBy(suspect),
    retry: false,
  });
  const proves = (test: string) => testById.get(test)!.signs?.some((s) => s.proves && s.of.includes(suspect));
  return (
    <Page>
      <BackToHandbook />
      <Heading note={nameOf(suspect)}>
        <Formula of={suspect} />
      </Heading>
      <Fetched data={data} error={error} again={() => void refetch()}>
        {(given) => (
          <table className="w-full border-collapse text-sm">
            <thead className="sr-only">
              <tr>
                <th scope="col">Test</th>
                <th scope="col">What is seen</th>
              </tr>
            </thead>
            <tbody>
              {given.map((g) => (
                <tr key={g.test} className="border-t border-rule align-top">
                  <th scope="row" className="w-44 py-2 pr-4 text-left sm:w-64">
                    <Link className="font-bold text-rust underline" to={`/handbook/tests/${g.test}`}>
                      {testById.get(g.test)!.title}
                    </Link>
                    <span className="block text-xs font-normal text-muted">{proves(g.test) ? 'proves it' : 'a hint'}</span>
                  </th>
                  <td className="py-2">
                    <Outcomes given={g} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Fetched>
    </Page>
  );
}
