/** `expect` as the test library has it; the tests ask a quicker one, which must say the same. */
declare const wholeExpect: typeof expect;

const PLAIN = [0, -0, 0.005, 1, 1.004, NaN, Infinity, -Infinity, 5n, null, undefined, '', '1', true];
const LISTS = [[], [0], [-0], [NaN], [1], ['1'], [undefined], [1, 2], [[1]], [[1]]];
const VALUES: readonly unknown[] = [
  ...PLAIN,
  ...LISTS,
  {},
  { a: 1 },
  wholeExpect.anything(),
  [wholeExpect.any(Number)],
];
const MATCHERS = [
  ...(['toBe', 'toEqual', 'toStrictEqual', 'toBeCloseTo'] as const),
  ...(['toBeGreaterThan', 'toBeGreaterThanOrEqual', 'toBeLessThan', 'toBeLessThanOrEqual'] as const),
];

test.each(MATCHERS)('%s says what expect says: yes, or no in the same words', (name) => {
  const said = (ask: typeof expect, a: unknown, b: unknown, not: boolean): string => {
    try {
      const asked = not ? ask(a).not : ask(a);
      (asked[name] as (wanted: unknown) => void)(b);
      return 'yes';
    } catch (cause) {
      return (cause as Error).message;
    }
  };
  const asks = [
    ...VALUES.flatMap((a) => VALUES.map((b) => ({ a, b, not: false }))),
    ...VALUES.map((a) => ({ a, b: a, not: true })),
  ];
  const differ = asks.filter(({ a, b, not }) => said(expect, a, b, not) !== said(wholeExpect, a, b, not));
  expect(differ).toEqual([]);
});
