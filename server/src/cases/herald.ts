/**
 * Tells every server that cases have moved on, after they have: all that came up while one telling was under way goes with the next.
 * What is lost with the database or with this process is made good when the streams are taken up again.
 */
import type { Db } from '../db/pool';
import type { News } from './live';

const TELL = "select pg_notify('case_event', value::text) from json_array_elements($1)";

export class Herald {
  private waiting: News[] = [];
  private telling = false;

  constructor(private readonly db: Db) {}

  tell(news: News): void {
    this.waiting.push(news);
    if (!this.telling) void this.tellAll();
  }

  private async tellAll(): Promise<void> {
    this.telling = true;
    while (this.waiting.length) {
      const news = this.waiting;
      this.waiting = [];
      await this.db.query({ name: 'tell', text: TELL, values: [JSON.stringify(news)] }).catch(() => undefined);
    }
    this.telling = false;
  }
}
