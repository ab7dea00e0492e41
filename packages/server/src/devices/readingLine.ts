/** One reading as a device sends it; see docs/formats/devices.md. */
export interface DeviceReading {
  readonly device: string;
  /** Rises with each reading of a device. */
  readonly seq: number;
  /** By the device's own clock, ISO 8601, UTC. */
  readonly at: string;
  readonly kind: 'mass' | 'temperature';
  /** kg, or °C. */
  readonly value: number;
  readonly isSteady: boolean;
  /** What a scale has set to nothing, kg. */
  readonly tareKg: number;
  /** The batch whose pot a probe stands in, where it says so. */
  readonly batchId: string | null;
  /** The device was just switched on: its numbers begin anew. */
  readonly isFirst: boolean;
}

type Unit = { readonly kind: DeviceReading['kind']; readonly si: (value: number) => number };
const UNITS: Readonly<Record<string, Unit>> = {
  g: { kind: 'mass', si: (g) => g / 1000 },
  kg: { kind: 'mass', si: (kg) => kg },
  oz: { kind: 'mass', si: (oz) => oz * 0.028349523125 },
  C: { kind: 'temperature', si: (c) => c },
  F: { kind: 'temperature', si: (f) => ((f - 32) * 5) / 9 },
};
const LIMITS = { mass: { least: -50, most: 200 }, temperature: { least: -60, most: 400 } } as const;
const NUMBER = /^[+-]?\d{1,9}(\.\d{1,9})?$/;
const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
const TIME = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/;

/** A line read, or why it cannot be. Never throws, whatever the line. */
export function readLine(line: string): DeviceReading | { readonly problem: string } {
  if (line.length > 200) return { problem: 'A line has at most 200 characters.' };
  const [device, seqText, at, kind, valueText, unitText, ...flags] = line.trim().split(/ +/);
  if (unitText === undefined) return { problem: 'A line is: device number time kind value unit, then flags.' };
  if (!/^[a-z0-9-]{2,40}$/.test(device!)) return { problem: 'The device id is letters a to z, digits and hyphens.' };
  const seq = /^\d{1,15}$/.test(seqText!) ? Number(seqText) : -1;
  if (seq < 0) return { problem: 'The number is a whole number that rises with each reading.' };
  if (!TIME.test(at!) || !Number.isFinite(Date.parse(at!)))
    return { problem: 'The time is UTC, as 2026-01-10T12:00:00.250Z.' };
  const unit = Object.hasOwn(UNITS, unitText) ? UNITS[unitText]! : null;
  if (!unit || unit.kind !== kind) return { problem: 'Mass is in g, kg or oz; temperature in C or F.' };
  if (!NUMBER.test(valueText!)) return { problem: 'The value is a plain number with a point.' };
  const value = unit.si(Number(valueText));
  const limits = LIMITS[unit.kind];
  if (!(value >= limits.least && value <= limits.most)) return { problem: 'No kitchen device reads that.' };
  let tareKg = 0;
  let batchId: string | null = null;
  for (const flag of flags) {
    if (flag === 'steady' || flag === 'moving' || flag === 'first') continue;
    const batch = /^batch=(.+)$/.exec(flag)?.[1];
    if (batch !== undefined) {
      if (!UUID.test(batch)) return { problem: 'The batch is the id of a batch.' };
      batchId = batch;
      continue;
    }
    const tare = /^tare=(.+)$/.exec(flag)?.[1];
    // Flags to come are let pass; a tare that is no number is not.
    if (tare === undefined) continue;
    if (unit.kind !== 'mass' || !NUMBER.test(tare))
      return { problem: 'The tare is a plain number in the unit of the value.' };
    tareKg = unit.si(Number(tare));
  }
  return {
    device: device!,
    seq,
    at: at!,
    kind: unit.kind,
    value,
    isSteady: flags.includes('steady'),
    tareKg,
    batchId,
    isFirst: flags.includes('first'),
  };
}

/** A reading of a scale as its line: grams. */
export function scaleLine(reading: Omit<DeviceReading, 'kind' | 'batchId'>): string {
  const flags = [reading.isSteady ? 'steady' : 'moving', `tare=${(reading.tareKg * 1000).toFixed(1)}`];
  if (reading.isFirst) flags.push('first');
  return `${reading.device} ${reading.seq} ${reading.at} mass ${(reading.value * 1000).toFixed(1)} g ${flags.join(' ')}`;
}

/** A reading of a probe as its line: °C. */
export function probeLine(
  reading: Pick<DeviceReading, 'device' | 'seq' | 'at' | 'value' | 'batchId' | 'isFirst'>,
): string {
  const flags = [
    ...(reading.batchId === null ? [] : [`batch=${reading.batchId}`]),
    ...(reading.isFirst ? ['first'] : []),
  ];
  return [`${reading.device} ${reading.seq} ${reading.at} temperature ${reading.value.toFixed(2)} C`, ...flags].join(
    ' ',
  );
}
