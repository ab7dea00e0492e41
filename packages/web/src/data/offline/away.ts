/** The server or its database is out of reach, has no room, or does not know this device yet: what is sent waits. */
const AWAY = new Set(['AWAY', 'NO_DATABASE', 'DISK_FULL', 'NOT_PAIRED']);

/** Whether a problem passes by itself, so that what was sent is tried again and never dropped. */
export const isAway = (code: string): boolean => AWAY.has(code);
