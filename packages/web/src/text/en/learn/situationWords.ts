import { type Situation, type SituationKind } from '@ember-fold/core/stove';
import type { PageId } from './handbook/page';
import type { Printer } from '../../printer';

/** The text of one kind of practice situation. */
export interface SituationWords {
  readonly name: string;
  /** The briefing before it starts. */
  readonly told: (of: Situation, p: Printer) => string;
  /** What it teaches, shown at the end. */
  readonly lesson: string;
  readonly page: PageId;
}

export const first = ({ pots }: Situation) => pots[0]!;

export const startOf = (of: Situation, p: Printer) => p.temp(first(of).truth.startC);

export const planOf = (of: Situation, p: Printer) => p.temp(first(of).session.trays[0]!.draft.fry.oilC);

export const SITUATION: Readonly<Record<SituationKind, SituationWords>> = {
  overshoot: {
    name: 'Oil that overshoots',
    told: (of, p) =>
      `This burner stores heat. It is on full, and the oil is at ${startOf(of, p)} on its way to ${planOf(of, p)}.`,
    lesson: 'Turn down a burner that stores heat early: it goes on heating for minutes.',
    page: 'oil-heat',
  },
  'load-too-big': {
    name: 'A load that is too big',
    told: () =>
      'The gas bottle is nearly empty. The burner gives far less heat than usual, and the plan does not allow for it.',
    lesson:
      'When the oil cools and does not recover, put in fewer pieces. Small loads in hot oil are faster than big loads in cool oil.',
    page: 'loads',
  },
  crumbs: {
    name: 'Crumbs that burn',
    told: () => 'The pieces are coated with breadcrumbs. Crumbs fall off, stay in the oil and burn.',
    lesson: 'Skim after each load. Burnt crumbs darken the loads that follow.',
    page: 'oil-life',
  },
  'slow-burner': {
    name: 'A burner that reacts slowly',
    told: (of, p) =>
      `The stove is new. The plan assumes gas, but this burner reacts far more slowly. It is on full, and the oil is at ${startOf(of, p)}.`,
    lesson:
      'Before you put anything in, see how fast the oil follows the burner. Then turn it early and in small steps.',
    page: 'pot',
  },
  wholemeal: {
    name: 'Wholemeal that browns early',
    told: () => 'The dough is made with a new wholemeal flour. It browns sooner than planned.',
    lesson: 'Trust the crust more than the clock. If it darkens before the dough has set, use cooler oil.',
    page: 'families',
  },
  burst: {
    name: 'A piece that bursts',
    told: () => 'One piece was sealed in a hurry. It may burst in the oil.',
    lesson: 'Take a burst piece out at once: filling spits in hot oil and spoils the oil for the other pieces.',
    page: 'opened',
  },
  frozen: {
    name: 'Frozen pieces, hot oil',
    told: (of, p) =>
      `The pieces come straight from the freezer. The oil is too hot: ${startOf(of, p)} instead of ${planOf(of, p)}.`,
    lesson: 'Let the oil cool to its target first. Frozen pieces in hot oil are dark outside and raw inside.',
    page: 'freezing',
  },
  'no-thermometer': {
    name: 'No thermometer',
    told: (of, p) =>
      `You have no thermometer. The target is ${planOf(of, p)}. A crumb of dough shows roughly how hot the oil is.`,
    lesson: 'Test the oil again before each load, and after each long wait.',
    page: 'no-thermometer',
  },
  poultry: {
    name: 'Raw poultry',
    told: () =>
      'The filling contains raw poultry. Its middle must reach the safe temperature, whatever the crust looks like.',
    lesson: 'Golden does not mean safe. Probe the middle, and finish pieces that brown too soon in the oven.',
    page: 'core',
  },
  hollow: {
    name: 'Hollow breads to baste',
    told: () => 'Thin breads puff up in the oil. Their upper side browns only if you turn or baste them.',
    lesson: 'They take only a minute or two. Have the oil at its target, turn them once, and stay with them.',
    page: 'shapes',
  },
  pipeline: {
    name: 'One in, one out',
    told: (of, p) =>
      `One piece goes in every ${p.time(first(of).session.trays[0]!.fry.loads.everyS ?? 0)}. Each is turned and taken out at its own time.`,
    lesson: 'Keep to the interval: a piece that goes in too soon cools the oil for all of them.',
    page: 'loads',
  },
  caller: {
    name: 'A caller at the door',
    told: () => 'Somebody will ring the doorbell. They wait a few minutes, and talking to them takes a minute or two.',
    lesson: 'Never leave hot oil with the heat on. Take out the pieces, turn the heat off, then go.',
    page: 'fire',
  },
  'probe-out': {
    name: 'A probe that slips out',
    told: () => 'The clip of the probe is loose.',
    lesson:
      'If the reading falls although nothing new went in, the probe is in the air. Never turn the heat up: look first.',
    page: 'oil-heat',
  },
  smoke: {
    name: 'Oil that smokes',
    told: (of, p) =>
      `The oil is old and smokes at a lower temperature than its label says. The burner is on full, and the oil is at ${startOf(of, p)}.`,
    lesson:
      'If you see smoke, turn the heat off at once, before anything else. Oil smokes at a lower temperature each time you use it.',
    page: 'fire',
  },
  allergy: {
    name: 'An allergy at the table',
    told: () => 'Fish was fried in this oil an hour ago. These pieces are for a guest who is allergic to fish.',
    lesson: 'Heat does not take an allergen out of oil. Use fresh oil, a clean pot and a clean skimmer.',
    page: 'allergens',
  },
  'two-pots': {
    name: 'Two pots at once',
    told: (of, p) =>
      `You have two burners and two pots, and you are alone. The second oil is still at ${p.temp(of.pots[1]!.truth.startC)}.`,
    lesson: 'Start one pot after the other, so that you do not have to turn and take out pieces in both at once.',
    page: 'loads',
  },
};
