/** What decides when an evening begins. */
export const DECIDES = {
  oil: 'the oil decides it',
  hands: 'the hands decide it',
  oven: 'the oven decides it',
  waits: 'what rests and cools decides it',
} as const;
