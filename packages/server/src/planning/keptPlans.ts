import type { DayPlan, DayPart } from '@ember-fold/core/supper';
import { createHash } from 'node:crypto';
import { readFile, rename, writeFile } from 'node:fs/promises';
import { deserialize, serialize } from 'node:v8';
import type { Logger } from 'pino';
import { Remembered } from './remembered.js';

/** As many planned batches and day plans are kept. */
const MOST = { parts: 200, dayPlans: 60 };

interface Written {
  /** Of the program that planned them: another one may plan otherwise. */
  readonly by: string;
  readonly parts: ReturnType<Remembered<DayPart>['all']>;
  readonly dayPlans: ReturnType<Remembered<DayPlan | null>['all']>;
}

/**
 * What batches are for their day plans, and the day plans, for as long as nothing of them changes. Put
 * down when the server ends: a kitchen that is opened the next day shows its day plan at once.
 */
export class KeptPlans {
  readonly parts = new Remembered<DayPart>(MOST.parts);
  readonly dayPlans = new Remembered<DayPlan | null>(MOST.dayPlans);

  /** @param file where they are put down, and the program that plans; `null`: nowhere */
  constructor(private readonly at: { readonly file: string; readonly planner: URL; readonly log: Logger } | null) {}

  /** Without a file that can be read everything is planned anew. */
  async takeUp(): Promise<void> {
    if (!this.at) return;
    const { file, planner, log } = this.at;
    try {
      const { by, parts, dayPlans } = deserialize(await readFile(file)) as Written;
      if (by !== (await stampOf(planner))) return;
      this.parts.fill(parts);
      this.dayPlans.fill(dayPlans);
    } catch (cause) {
      if ((cause as NodeJS.ErrnoException).code !== 'ENOENT') log.warn({ cause }, 'Kept plans could not be read.');
    }
  }

  /** Whole, or not at all. */
  async putDown(): Promise<void> {
    if (!this.at) return;
    const { file, planner, log } = this.at;
    try {
      const written: Written = {
        by: await stampOf(planner),
        parts: this.parts.all(),
        dayPlans: this.dayPlans.all(),
      };
      // Who eats with whom, and what they must not, is nobody else's.
      await writeFile(`${file}.new`, serialize(written), { mode: 0o600 });
      await rename(`${file}.new`, file);
    } catch (cause) {
      log.warn({ cause }, 'Plans could not be put down; they are made again.');
    }
  }
}

const stampOf = async (planner: URL): Promise<string> =>
  createHash('sha256')
    .update(await readFile(planner))
    .digest('hex');
