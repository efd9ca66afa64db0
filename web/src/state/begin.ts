/** A case that is begun, or taken in, is opened. */
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import type { CaseChanges } from '#contract';
import { api } from './api';

export function useBegin() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const opened = (place: string) => ({
    onSuccess: (view: CaseChanges) => {
      void queries.invalidateQueries({ queryKey: ['cases'] });
      void navigate(`/cases/${view.summary.id}/${place}`);
    },
  });
  const create = useMutation({ mutationFn: api.create, ...opened('bench') });
  const takeIn = useMutation({ mutationFn: api.takeIn, ...opened('ledger') });
  return { create, takeIn };
}
