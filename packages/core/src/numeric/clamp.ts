/** Clamps to [least, most]; the one place for it. */
export function clamp(value: number, least: number, most: number): number {
  return value < least ? least : value > most ? most : value;
}
