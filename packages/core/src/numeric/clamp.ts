/**
 * Clamps to [least, most]; the one place for it.
 * @example clamp(12, 0, 10) // 10
 */
export function clamp(value: number, least: number, most: number): number {
  return value < least ? least : value > most ? most : value;
}
