/** What this machine is called, and where it is reached. */
import { hostname, networkInterfaces } from 'node:os';

const LOOPBACK = /^(127\.|::1$|localhost$)/;
const ANY = new Set(['0.0.0.0', '::']);

export const isLoopback = (address: string): boolean => LOOPBACK.test(address);

/** Addresses of this machine on its networks, those of version 4 first. */
function networkAddresses(): string[] {
  const all = Object.values(networkInterfaces()).flatMap((list) => list ?? []);
  const usable = all.filter(({ internal, address }) => !internal && !address.startsWith('fe80:'));
  return usable.sort((a, b) => a.family.localeCompare(b.family)).map(({ address }) => address);
}

/** Addresses under which a server that listens there is reached from other machines. */
export const reachedAt = (address: string): string[] => (ANY.has(address) ? networkAddresses() : [address]);

/** Every name and address that a certificate of this machine is to be for. @param given what people call it. */
export const certificateNames = (given: readonly string[], address: string): string[] => [
  ...new Set([
    ...given,
    hostname(),
    `${hostname()}.local`,
    ...reachedAt(address),
    ...networkAddresses(),
    'localhost',
    '127.0.0.1',
    '::1',
  ]),
];

export const inUrl = (host: string): string => (host.includes(':') ? `[${host}]` : host);
