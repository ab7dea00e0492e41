/** This evening, or tomorrow's when it is already late: where a new meal begins. ISO 8601, UTC. */
export function nextSupper(): string {
  const at = new Date();
  if (at.getHours() >= 13) at.setDate(at.getDate() + 1);
  at.setHours(18, 30, 0, 0);
  return at.toISOString();
}
