import type { TrayMark } from '../draft/draft.js';

/** What is seen, felt and tasted of a tray's pieces, each by one tap. */
export const LOOKS = {
  even: ['even', 'patchy', 'one-sided'],
  blisters: ['none', 'few', 'many'],
  grease: ['dry', 'right', 'greasy'],
  bite: ['tender', 'crisp', 'tough'],
  ring: ['none', 'raw'],
  filling: ['hot', 'warm', 'cold'],
  amount: ['little', 'right', 'much'],
  salt: ['little', 'right', 'much'],
  sizes: ['alike', 'mixed'],
  burst: ['seam', 'knot', 'wall', 'end'],
} as const;
export type LookId = keyof typeof LOOKS;
export type LookOf<Id extends LookId> = (typeof LOOKS)[Id][number];

/** Colour of a tray's pieces as read from a picture: places on the crust ramp, 0–5. */
export interface SeenColour {
  readonly place: number;
  readonly palest: number;
  readonly darkest: number;
  readonly pieces: number;
  /** Pieces whose skin differs a load within itself. */
  readonly patchy: number;
}

/** How one tray came out; what is missing was not judged. */
export type TrayLooks = { readonly [Id in LookId]?: LookOf<Id> } & {
  /** Place on the crust ramp, 0 raw to 5 dark. */
  readonly crust?: number;
  /** What a picture of its pieces said of their colour; absent: none was taken. */
  readonly photo?: SeenColour;
  /** How it was liked, 1–5. */
  readonly liked?: number;
  /** Scores of those who tasted it, 1–5 each; absent: nobody scored it. */
  readonly scores?: readonly number[];
  /** To be made again like this. */
  readonly keep?: boolean;
};

/** How a batch came out. */
export interface RecordLooks {
  readonly trays: Readonly<Partial<Record<TrayMark, TrayLooks>>>;
  /** The tray that was eaten first. */
  readonly eatenFirst?: TrayMark;
}

/** What went wrong, as it is seen. */
export const SYMPTOMS = [
  ...(['burst', 'dark', 'pale', 'raw-ring', 'greasy', 'tough', 'blisters', 'uneven'] as const),
  ...(['mixed-sizes', 'cold-filling', 'too-little', 'too-much', 'salty', 'bland'] as const),
] as const;
export type Symptom = (typeof SYMPTOMS)[number];

/** What of all symptoms is there, and what is known not to be; the rest was not judged. */
export interface Seen {
  readonly present: readonly Symptom[];
  readonly absent: readonly Symptom[];
}

/** On the ramp: paler than this is pale, browner is dark. */
const GOLDEN = { from: 2, to: 3 } as const;

/**
 * What a tray's looks say, with what the stove has counted: nothing is asked that was seen.
 * @param figures of the tray; `null`: it was not at the stove
 * @example symptomsSeen({ grease: 'greasy' }, null).present // ['greasy']
 */
export function symptomsSeen(
  looks: TrayLooks,
  figures: { readonly fried: number; readonly burst: number } | null,
): Seen {
  const { crust, even, blisters, grease, bite, ring, filling, amount, salt, sizes } = looks;
  const judged: [Symptom, boolean | undefined][] = [
    ['burst', figures && figures.fried + figures.burst > 0 ? figures.burst > 0 : looks.burst && true],
    ['dark', crust === undefined ? undefined : Math.round(crust) > GOLDEN.to],
    ['pale', crust === undefined ? undefined : Math.round(crust) < GOLDEN.from],
    ['raw-ring', ring && ring === 'raw'],
    ['greasy', grease && grease === 'greasy'],
    ['tough', bite && bite === 'tough'],
    ['blisters', blisters && blisters === 'many'],
    ['uneven', even && even !== 'even'],
    ['mixed-sizes', sizes && sizes === 'mixed'],
    ['cold-filling', filling && filling !== 'hot'],
    ['too-little', amount && amount === 'little'],
    ['too-much', amount && amount === 'much'],
    ['salty', salt && salt === 'much'],
    ['bland', salt && salt === 'little'],
  ];
  const those = (is: boolean) => judged.flatMap(([symptom, there]) => (there === is ? [symptom] : []));
  return { present: those(true), absent: those(false) };
}
