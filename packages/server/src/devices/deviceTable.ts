import type { Queries } from '../db/gate.js';

type DeviceKind = 'scale' | 'probe';
export interface DeviceRow {
  readonly id: string;
  readonly kind: DeviceKind;
  readonly name: string;
}

export async function listDevices(q: Queries): Promise<DeviceRow[]> {
  return await q.rows<DeviceRow>('SELECT id, kind, name FROM device ORDER BY added_at, id LIMIT 100');
}

/** @param tokenHash hex. @returns false when the id is taken */
export async function insertDevice(q: Queries, device: DeviceRow, tokenHash: string): Promise<boolean> {
  const done = await q.change(
    'INSERT IGNORE INTO device (id, kind, name, token_hash, added_at) VALUES (?, ?, ?, UNHEX(?), UTC_TIMESTAMP(3))',
    [device.id, device.kind, device.name, tokenHash],
  );
  return done.affectedRows === 1;
}

/** The device a token belongs to. @param tokenHash hex */
export async function deviceOfToken(q: Queries, tokenHash: string): Promise<DeviceRow | null> {
  const [row] = await q.rows<DeviceRow>('SELECT id, kind, name FROM device WHERE token_hash = UNHEX(?)', [tokenHash]);
  return row ?? null;
}

export async function deleteDevice(q: Queries, id: string): Promise<boolean> {
  return (await q.change('DELETE FROM device WHERE id = ?', [id])).affectedRows === 1;
}
