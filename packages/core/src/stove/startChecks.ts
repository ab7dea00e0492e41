/** What is gone through before any oil is heated. Source: docs/models/practice.md. */
export type StartPoint =
  | 'level'
  | 'dry'
  | 'lid'
  | 'blanket'
  | 'children'
  | 'extinguisher'
  | 'sleeves'
  | 'smoke-point'
  | 'phone'
  | 'rules';
export const START_CHECKS: readonly StartPoint[] = [
  'level',
  'dry',
  'lid',
  'blanket',
  'children',
  'extinguisher',
  'sleeves',
  'smoke-point',
  'phone',
  'rules',
];
