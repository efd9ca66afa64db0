import { useQuery } from '@tanstack/react-query';
import { api } from '../../state/api';

const LOOPBACK = /^https?:\/\/(localhost|127\.|\[::1\])/;

/** Where others reach this laboratory: its own addresses, or the one in the address bar where that is no loopback. */
export function useAddresses(): {
  readonly addresses: readonly string[];
  readonly authority: { address: string; fingerprint: string } | null;
} {
  const { data } = useQuery({ queryKey: ['doors'], queryFn: api.doors });
  const here = window.location.origin;
  const known = data?.addresses ?? [];
  const addresses = LOOPBACK.test(here) ? known : [here, ...known.filter((a) => a !== here)];
  return { addresses, authority: data?.authority ?? null };
}
