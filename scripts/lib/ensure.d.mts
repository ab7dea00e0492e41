export function ensureChromium(): string;
