/** Somebody who asks a server over HTTP, as a browser of theirs would. */

export interface Answer {
  readonly status: number;
  readonly headers: Headers;
  readonly text: string;
}

export class Visitor {
  /** @param cookie of their session; nobody's by default. */
  constructor(
    readonly url: string,
    readonly cookie = '',
  ) {}

  /** What goes with every request. */
  get headers(): Record<string, string> {
    return { 'content-type': 'application/json', ...(this.cookie && { cookie: this.cookie }) };
  }

  /** Where the server has its hands full it is asked again, when it says so. */
  async ask(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answer> {
    for (;;) {
      const answer = await this.askOnce(method, path, body, headers);
      const seconds = Number(answer.headers.get('retry-after') ?? 0);
      if (answer.status !== 503 || !seconds) return answer;
      await new Promise((resolve) => setTimeout(resolve, seconds * 1000));
    }
  }

  private async askOnce(method: string, path: string, body: unknown, headers: Record<string, string>): Promise<Answer> {
    const response = await fetch(`${this.url}/api${path}`, {
      method,
      headers: { ...this.headers, ...headers },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    });
    return { status: response.status, headers: response.headers, text: await response.text() };
  }

  /** @throws Error when it is refused. */
  async get<T>(method: string, path: string, body?: unknown): Promise<T> {
    const { status, text } = await this.ask(method, path, body);
    if (status >= 400) throw new Error(`${method} ${path}: ${status} ${text}`);
    return JSON.parse(text) as T;
  }

  /** Signs in, or joins. @returns who they are then. @throws Error when it is refused. */
  async enter(path: string, body: object): Promise<Visitor> {
    const { status, headers, text } = await this.ask('POST', path, body);
    if (status >= 400) throw new Error(`${path}: ${status} ${text}`);
    return new Visitor(
      this.url,
      headers
        .getSetCookie()
        .find((c) => c.startsWith('foxing='))
        ?.split(';')[0],
    );
  }

  /** Hears of every case of theirs that moves on, until the connection is ended. */
  async listen(heard: (notice: string) => void, stop: AbortSignal): Promise<void> {
    try {
      const { body } = await fetch(`${this.url}/api/live`, { headers: this.headers, signal: stop });
      const reader = body!.pipeThrough(new TextDecoderStream()).getReader();
      for (let next = await reader.read(); !next.done; next = await reader.read()) heard(next.value);
    } catch (error) {
      if (!stop.aborted) throw error;
    }
  }
}

/** A class with who runs it and who is in it. */
export interface Classroom {
  readonly id: string;
  readonly instructor: Visitor;
  readonly students: readonly Visitor[];
}

/** Of everybody in the school. */
export const PASSPHRASE = 'three old brushes';

/** Turns accounts on, and fills classrooms by their codes. */
export async function openSchool(url: string, classes: number, studentsEach: number): Promise<Classroom[]> {
  const nobody = new Visitor(url);
  const keeper = await nobody.enter('/accounts', { login: 'keeper', passphrase: PASSPHRASE });
  const out: Classroom[] = [];
  for (let c = 0; c < classes; c++) {
    const login = `teacher${c}`;
    await keeper.get('POST', '/people', { name: `Teacher ${c}`, login, passphrase: PASSPHRASE, role: 'instructor' });
    const instructor = await nobody.enter('/sign-in', { login, passphrase: PASSPHRASE });
    const { id } = await instructor.get<{ id: string }>('POST', '/classes', { name: `Class ${c}` });
    const { code } = await instructor.get<{ code: string }>('GET', `/classes/${id}`);
    const students: Visitor[] = [];
    for (let s = 0; s < studentsEach; s++)
      students.push(
        await nobody.enter('/join', { code, name: `Student ${c}.${s}`, login: `student${c}-${s}`, passphrase: PASSPHRASE }),
      );
    out.push({ id, instructor, students });
  }
  return out;
}
