/** The certificate of a server, read again when its files change, so that it is renewed without a pause. */
import { readFileSync, statSync } from 'node:fs';
import { createServer, type Server } from 'node:https';
import type { RequestListener } from 'node:http';
import type { Logger } from 'pino';

export interface CertificateFiles {
  /** Paths of files in PEM form. */
  readonly certificate: string;
  readonly key: string;
}

const LOOK_MS = 60000;

export class Certificate {
  private server: Server | null = null;
  private readonly watch: NodeJS.Timeout;
  private changed: string;

  constructor(
    private readonly files: CertificateFiles,
    private readonly log: Logger,
  ) {
    this.changed = this.stamp();
    this.watch = setInterval(() => {
      try {
        if (this.stamp() !== this.changed) this.read();
      } catch (error) {
        this.log.warn(error, 'the files of the certificate cannot be looked at; the one in use goes on');
      }
    }, LOOK_MS);
    this.watch.unref();
  }

  private stamp(): string {
    return [this.files.certificate, this.files.key].map((file) => statSync(file).mtimeMs).join();
  }

  private contents() {
    return { cert: readFileSync(this.files.certificate), key: readFileSync(this.files.key), minVersion: 'TLSv1.2' } as const;
  }

  /** @throws when the files hold no certificate with its key. */
  serve(app: RequestListener): Server {
    this.server = createServer(this.contents(), app);
    return this.server;
  }

  /** Takes up what stands in the files now; a pair that does not belong together leaves the one in use. */
  read(): void {
    try {
      this.server?.setSecureContext(this.contents());
      this.changed = this.stamp();
      this.log.info('the certificate was read again');
    } catch (error) {
      this.log.error(error, 'the new certificate cannot be used; the one before goes on');
    }
  }

  close(): void {
    clearInterval(this.watch);
  }
}
