import type { ComponentType } from 'react';
import { createBrowserRouter, isRouteErrorResponse, Link, useRouteError } from 'react-router';
import { Cases } from '../places/cases/Cases';
import { Blank } from '../parts/ui';
import { Shell } from './Shell';

function Fallen() {
  const error = useRouteError();
  const missing = isRouteErrorResponse(error) && error.status === 404;
  return (
    <Blank title={missing ? 'There is no such page' : 'Something went wrong on this page'}>
      <p>{missing ? 'The address may be mistyped.' : 'What was recorded is safe. Reload the page to go on.'}</p>
      <Link className="mt-4 inline-block font-bold text-rust underline" to="/cases">
        Back to the cases
      </Link>
    </Blank>
  );
}

/** A place is fetched when it is first gone to. */
const place = async <K extends string>(module: Promise<Record<K, ComponentType>>, name: K) => ({
  Component: (await module)[name],
});

export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Fallen />,
    hydrateFallbackElement: <Blank title="Opening …" />,
    children: [
      { index: true, element: <Cases /> },
      { path: 'cases', element: <Cases /> },
      { path: 'house-rules', lazy: () => place(import('../places/rules/HouseRules'), 'HouseRules') },
      { path: 'preparation', lazy: () => place(import('../places/preparation/Preparation'), 'Preparation') },
      { path: 'sign-in', lazy: () => place(import('../places/classes/SignIn'), 'SignIn') },
      { path: 'join/:code', lazy: () => place(import('../places/classes/SignIn'), 'SignIn') },
      { path: 'opening', lazy: () => place(import('../places/laboratory/Opening'), 'Opening') },
      { path: 'addresses', lazy: () => place(import('../places/laboratory/Addresses'), 'Addresses') },
      { path: 'classes', lazy: () => place(import('../places/classes/Classes'), 'Classes') },
      { path: 'classes/:classId', lazy: () => place(import('../places/classes/Class'), 'Class') },
      { path: 'sets/:setId', lazy: () => place(import('../places/classes/WorkSet'), 'WorkSet') },
      { path: 'sets/:setId/paper', lazy: () => place(import('../places/classes/PaperPage'), 'PaperPage') },
      { path: 'practice', lazy: () => place(import('../places/practice/Practice'), 'Practice') },
      { path: 'compounds', lazy: () => place(import('../places/compounds/Compounds'), 'Compounds') },
      { path: 'handbook', lazy: () => place(import('../places/handbook/Handbook'), 'Handbook') },
      { path: 'handbook/tests/:test', lazy: () => place(import('../places/handbook/TestPage'), 'TestPage') },
      { path: 'handbook/suspects/:suspect', lazy: () => place(import('../places/handbook/SuspectPage'), 'SuspectPage') },
      {
        path: 'cases/:caseId',
        lazy: () => place(import('./CaseShell'), 'CaseShell'),
        children: [
          { index: true, lazy: () => place(import('../places/bench/Bench'), 'Bench') },
          { path: 'bench', lazy: () => place(import('../places/bench/Bench'), 'Bench') },
          { path: 'bench/:tube', lazy: () => place(import('../places/bench/Bench'), 'Bench') },
          { path: 'suspects', lazy: () => place(import('../places/suspects/Suspects'), 'Suspects') },
          { path: 'suspects/:ion', lazy: () => place(import('../places/suspects/Suspects'), 'Suspects') },
          { path: 'debrief', lazy: () => place(import('../places/debrief/Debrief'), 'Debrief') },
          { path: 'plan', lazy: () => place(import('../places/plan/Plan'), 'Plan') },
          { path: 'report', lazy: () => place(import('../places/report/Report'), 'Report') },
          { path: 'answers', lazy: () => place(import('../places/classes/AnswerBook'), 'AnswerBook') },
          { path: 'ledger', lazy: () => place(import('../places/ledger/Ledger'), 'Ledger') },
        ],
      },
    ],
  },
]);
