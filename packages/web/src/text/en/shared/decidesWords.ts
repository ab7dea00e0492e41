/** What limits how late the cooking of a supper can start. */
export const DECIDES = {
  oil: 'frying takes the longest',
  hands: 'hands-on work takes the longest',
  oven: 'the oven takes the longest',
  waits: 'resting and cooling take the longest',
} as const;
