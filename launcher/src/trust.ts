/** A page over plain HTTP, and nothing else: where a phone or laptop gets the laboratory's own authority. */
import { createServer, type Server } from 'node:http';

const STEPS: readonly (readonly [platform: string, steps: string])[] = [
  [
    'Android',
    'Open the file. In Settings, Security, Encryption and credentials, choose "Install a certificate", then "CA certificate".',
  ],
  [
    'iPhone and iPad',
    'Open the file and allow the profile. In Settings, General, VPN and Device Management, install it; then in General, About, Certificate Trust Settings, switch it on.',
  ],
  [
    'Windows',
    'Open the file, choose "Install certificate", "Local machine", and the store "Trusted Root Certification Authorities".',
  ],
  ['macOS', 'Open the file; in Keychain Access open the certificate and set it to "Always trust" for SSL.'],
  [
    'Linux and ChromeOS',
    'In the browser’s settings look for "Manage certificates", "Authorities", "Import", and allow it for websites.',
  ],
];

const escaped = (text: string) => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('"', '&quot;');

const page = (fingerprint: string, address: string) => `<!doctype html>
<html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>Trust this laboratory</title>
<style>body{font:16px/1.5 system-ui,sans-serif;max-width:42rem;margin:2rem auto;padding:0 1rem;color:#222;background:#fdf8ee}
code{overflow-wrap:anywhere}dt{font-weight:bold;margin-top:.75rem}a{color:#8a3b1c}</style>
<h1>Trust this laboratory</h1>
<p>Foxing runs on a machine of this laboratory and shows a certificate of its own. For your device to trust it, install the
laboratory’s authority once. It vouches for this machine only.</p>
<p><a href="/trust/authority.crt">Get the authority’s certificate</a></p>
<p>Compare this fingerprint (SHA-256) with the one on the instructor’s screen, and go on only if they are the same:</p>
<p><code>${escaped(fingerprint)}</code></p>
<dl>${STEPS.map(([platform, steps]) => `<dt>${platform}</dt><dd>${steps}</dd>`).join('')}</dl>
<p>Then go to <a href="${escaped(address)}">${escaped(address)}</a>.</p>
`;

const HEADERS = {
  'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'",
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'cache-control': 'no-store',
};

/**
 * @param address of this machine on which it listens.
 * @param foxing where Foxing itself is.
 * @throws when the port is taken.
 */
export async function serveTrust(
  { authorityPem, fingerprint }: { readonly authorityPem: string; readonly fingerprint: string },
  address: string,
  port: number,
  foxing: string,
): Promise<Server> {
  const server = createServer((req, res) => {
    const path = (req.url ?? '').replace(/\?.*$/, '');
    if (req.method !== 'GET' && req.method !== 'HEAD') res.writeHead(405, HEADERS).end();
    else if (path === '/trust')
      res.writeHead(200, { ...HEADERS, 'content-type': 'text/html; charset=utf-8' }).end(page(fingerprint, foxing));
    else if (path === '/trust/authority.crt')
      res.writeHead(200, { ...HEADERS, 'content-type': 'application/x-x509-ca-cert' }).end(authorityPem);
    else res.writeHead(404, { ...HEADERS, 'content-type': 'text/plain' }).end('Here is only /trust.\n');
  });
  server.listen(port, address);
  await new Promise<void>((resolve, reject) => server.once('listening', resolve).once('error', reject));
  return server;
}
