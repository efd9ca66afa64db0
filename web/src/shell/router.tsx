import { createBrowserRouter, isRouteErrorResponse, Link, useRouteError } from 'react-router';
import { Bench } from '../places/bench/Bench';
import { Cases } from '../places/cases/Cases';
import { Compounds } from '../places/compounds/Compounds';
import { Handbook } from '../places/handbook/Handbook';
import { SuspectPage } from '../places/handbook/SuspectPage';
import { TestPage } from '../places/handbook/TestPage';
import { HouseRules } from '../places/rules/HouseRules';
import { Ledger } from '../places/ledger/Ledger';
import { Suspects } from '../places/suspects/Suspects';
import { Blank } from '../parts/ui';
import { CaseShell } from './CaseShell';
import { Shell } from './Shell';

function Fallen() {
  const error = useRouteError();
  const missing = isRouteErrorResponse(error) && error.status === 404;
  return (
    <Blank title={missing ? 'There is no such page' : 'This page fell over'}>
      <p>{missing ? 'The address may be mistyped.' : 'What was recorded is safe. Reload the page to go on.'}</p>
      <Link className="mt-4 inline-block font-bold text-rust underline" to="/cases">
        Back to the cases
      </Link>
    </Blank>
  );
}

export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Fallen />,
    children: [
      { index: true, element: <Cases /> },
      { path: 'cases', element: <Cases /> },
      { path: 'house-rules', element: <HouseRules /> },
      { path: 'compounds', element: <Compounds /> },
      { path: 'handbook', element: <Handbook /> },
      { path: 'handbook/tests/:test', element: <TestPage /> },
      { path: 'handbook/suspects/:suspect', element: <SuspectPage /> },
      {
        path: 'cases/:caseId',
        element: <CaseShell />,
        children: [
          { index: true, element: <Bench /> },
          { path: 'bench', element: <Bench /> },
          { path: 'bench/:tube', element: <Bench /> },
          { path: 'suspects', element: <Suspects /> },
          { path: 'suspects/:ion', element: <Suspects /> },
          { path: 'ledger', element: <Ledger /> },
        ],
      },
    ],
  },
]);
