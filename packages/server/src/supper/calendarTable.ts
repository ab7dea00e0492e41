import type { Queries } from '../db/gate.js';

/** What a calendar was last sent of an event. */
export interface CalendarRow {
  readonly uid: string;
  /** Hash of what was sent. */
  readonly body: string;
  /** Higher with each change, 0 at first. */
  readonly sequence: number;
  readonly changedAt: Date;
}

/** Stores the calendar events of a supper as they are now. A new or changed event gets the next sequence number. @returns all its events */
export async function noteCalendar(
  q: Queries,
  supperId: string,
  events: readonly { readonly uid: string; readonly body: string }[],
): Promise<ReadonlyMap<string, CalendarRow>> {
  for (const { uid, body } of events) {
    await q.change(
      `INSERT INTO calendar_event (uid, supper_id, body, sequence, changed_at) VALUES (?, ?, ?, 0, UTC_TIMESTAMP(3))
       ON DUPLICATE KEY UPDATE
         sequence = IF(body = VALUES(body), sequence, sequence + 1),
         changed_at = IF(body = VALUES(body), changed_at, UTC_TIMESTAMP(3)),
         body = VALUES(body)`,
      [uid, supperId, body],
    );
  }
  const rows = await q.rows<{ uid: string; body: string; sequence: number; changed_at: Date }>(
    'SELECT uid, body, sequence, changed_at FROM calendar_event WHERE supper_id = ?',
    [supperId],
  );
  return new Map(rows.map(({ changed_at, ...row }) => [row.uid, { ...row, changedAt: changed_at }]));
}

/** What was recorded of a supper that is gone. */
export async function forgetCalendar(q: Queries, supperId: string): Promise<void> {
  await q.change('DELETE FROM calendar_event WHERE supper_id = ?', [supperId]);
}
