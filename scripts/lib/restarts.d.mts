export function restarts(startedMs: number): (nowMs: number) => { readonly waitMs: number; readonly times: number };
export function waitText(ms: number): string;
