export function ensureChromium(): string;
export function ensureGalera(): string;
export function ensureMariaDb(): string;
export function findProgram(name: string): string | null;
