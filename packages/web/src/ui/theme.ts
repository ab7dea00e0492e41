/** Tokens of both moods. Crust colours are in `drawing/crust.ts` and used for crust alone. */
const planning = {
  ground: '#E9EEEC',
  panel: '#FFFFFF',
  well: '#F1F5F3',
  ink: '#17211E',
  soft: '#4E5C57',
  line: '#CFD8D5',
  edge: '#7C8985',
  bar: '#17211E',
  barInk: '#F4F7F5',
  barSoft: '#B9C6C1',
  accent: '#D8480B',
  accentText: '#B23A06',
  onAccent: '#FFFFFF',
  action: '#B23A06',
  danger: '#A1160C',
  hand: '#F0A24B',
  good: '#1F7354',
  lookOut: '#87590A',
  stop: '#A1160C',
  know: '#23638F',
};
export type Theme = typeof planning;
export const planningTheme: Theme = planning;

/** At the stove: near-black, amber for what needs the hand. */
export const stoveTheme: Theme = {
  ground: '#14100D',
  panel: '#211A15',
  well: '#3A2E27',
  ink: '#F6EDE2',
  soft: '#CDBEAE',
  line: '#43362D',
  edge: '#8F7F70',
  bar: '#0B0806',
  barInk: '#F6EDE2',
  barSoft: '#CDBEAE',
  accent: '#D8480B',
  accentText: '#F0A24B',
  onAccent: '#FFFFFF',
  action: '#B23A06',
  danger: '#A1160C',
  hand: '#F0A24B',
  good: '#58C79B',
  lookOut: '#F0A24B',
  stop: '#FF8A7A',
  know: '#83BFE6',
};

/** Narrow Archivo for figures and headings, tabular. */
export const figureFont = `font-family: 'Archivo Variable', system-ui, sans-serif; font-stretch: 76%; font-weight: 680; font-variant-numeric: tabular-nums;`;
export const PHONE = '@media (max-width: 760px)';
/** A mouse is at hand: tables may be denser than a thumb needs. */
export const FINE = '@media (pointer: fine) and (min-width: 761px)';
