/** A laboratory's own authority: made once, kept beside the data, and used for the certificate of this machine alone. */
import 'reflect-metadata';
import { webcrypto } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import * as x509 from '@peculiar/x509';

const DAY_MS = 24 * 3600 * 1000;
const AUTHORITY_DAYS = 3650;
/** Phones refuse certificates that are to last much longer. */
const CERTIFICATE_DAYS = 397;
/** Days before its end at which a certificate is renewed. */
const RENEWED_DAYS = 30;
const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const IP_ADDRESS = /^[\d.]+$|:/;

export interface Authority {
  /** Paths of files in PEM form. */
  readonly certificate: string;
  readonly key: string;
  /** The authority's certificate in PEM form, for whoever is to trust it. */
  readonly authorityPem: string;
  /** SHA-256 of the authority's certificate, as devices show it. */
  readonly fingerprint: string;
}

const provider = webcrypto as unknown as Crypto;
x509.cryptoProvider.set(provider);

const fromNow = (days: number) => new Date(Date.now() + days * DAY_MS);
const serial = () =>
  Buffer.from(webcrypto.getRandomValues(new Uint8Array(16)))
    .toString('hex')
    .replace(/^./, '1');

async function pemOf(key: CryptoKey): Promise<string> {
  return x509.PemConverter.encode(await provider.subtle.exportKey('pkcs8', key), 'PRIVATE KEY');
}

const keyFrom = (pem: string) =>
  provider.subtle.importKey('pkcs8', x509.PemConverter.decodeFirst(pem), ALGORITHM, true, ['sign']);

/** Whole or not at all, and for nobody else to read. */
function keep(file: string, text: string): void {
  writeFileSync(`${file}.new`, text, { mode: 0o600 });
  renameSync(`${file}.new`, file);
}

async function makeAuthority(name: string) {
  const keys = await provider.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: serial(),
    name: [{ CN: [`${name} (Foxing)`] }],
    notBefore: fromNow(-1),
    notAfter: fromNow(AUTHORITY_DAYS),
    signingAlgorithm: ALGORITHM,
    keys,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return { certificate, key: keys.privateKey };
}

async function makeCertificate(names: readonly string[], authority: x509.X509Certificate, signingKey: CryptoKey) {
  const keys = await provider.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
  const certificate = await x509.X509CertificateGenerator.create({
    serialNumber: serial(),
    subject: [{ CN: [names[0]!] }],
    issuer: authority.subject,
    notBefore: fromNow(-1),
    notAfter: fromNow(CERTIFICATE_DAYS),
    signingAlgorithm: ALGORITHM,
    publicKey: keys.publicKey,
    signingKey,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension(
        names.map((n) => ({ type: IP_ADDRESS.test(n) ? ('ip' as const) : ('dns' as const), value: n })),
      ),
      await x509.AuthorityKeyIdentifierExtension.create(authority.publicKey),
    ],
  });
  return { certificate, key: keys.privateKey };
}

/** Is the certificate for all these names, and not near its end? */
function stillGood(pem: string, names: readonly string[]): boolean {
  const certificate = new x509.X509Certificate(pem);
  const held = new Set(
    certificate.getExtension(x509.SubjectAlternativeNameExtension)?.names.items.map(({ value }) => value.toLowerCase()),
  );
  return certificate.notAfter > fromNow(RENEWED_DAYS) && names.every((n) => held.has(n.toLowerCase()));
}

const fingerprintOf = (certificate: x509.X509Certificate): Promise<string> =>
  certificate.getThumbprint('SHA-256').then((raw) => Buffer.from(raw).toString('hex').toUpperCase().match(/../g)!.join(':'));

/**
 * The authority of this laboratory and a certificate from it, made where they are not there or near their end.
 * @param folder beside the data; it is made if it is not there.
 * @param names and addresses of this machine, the one that people use most first.
 */
export async function ownCertificate(folder: string, names: readonly string[]): Promise<Authority> {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const at = (file: string) => join(folder, file);
  const [authorityFile, authorityKey, certificate, key] = ['authority.pem', 'authority.key', 'server.pem', 'server.key'].map(
    at,
  ) as [string, string, string, string];
  if (!existsSync(authorityFile) || !existsSync(authorityKey)) {
    const made = await makeAuthority(names[0]!);
    keep(authorityKey, await pemOf(made.key));
    keep(authorityFile, made.certificate.toString('pem'));
  }
  const authority = new x509.X509Certificate(readFileSync(authorityFile, 'utf8'));
  if (!existsSync(certificate) || !existsSync(key) || !stillGood(readFileSync(certificate, 'utf8'), names)) {
    const made = await makeCertificate(names, authority, await keyFrom(readFileSync(authorityKey, 'utf8')));
    keep(key, await pemOf(made.key));
    keep(certificate, made.certificate.toString('pem'));
  }
  return { certificate, key, authorityPem: authority.toString('pem'), fingerprint: await fingerprintOf(authority) };
}
