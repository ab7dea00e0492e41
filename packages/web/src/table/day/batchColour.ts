/** A batch's colour on the timeline; white reads on each. The name stands on the bar as well. */
const COLOURS = ['#A8481F', '#56682A', '#6E4F7C', '#23638F', '#8A6413', '#8C3B57', '#2E6B5E', '#4F5F5A'] as const;
/** What is for all of them. */
export const SHARED = '#37423E';

export const batchColour = (index: number): string => COLOURS[Math.max(0, index) % COLOURS.length]!;

/** No room for a word: the bar stands without it, and its title says it. */
export const onlyWide = `
  container-type: inline-size;
  > span { display: block; overflow: hidden; }
  @container (max-width: 40px) {
    > span { visibility: hidden; }
  }
`;
