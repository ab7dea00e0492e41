/** A formula or a batch in words, ready to be written for people or other programs. */
export interface RecipeOut {
  readonly name: string;
  /** Such as "48 pieces". */
  readonly makes: string | null;
  /** ISO 8601, UTC. */
  readonly madeAt: string;
  readonly parts: readonly { readonly name: string; readonly lines: readonly string[] }[];
  readonly steps: readonly string[];
  /** Cautions and what else stands below. */
  readonly notes: readonly string[];
}

/**
 * As schema.org has it, for programs that read recipes.
 * @example recipeJsonLd({ name: 'Half-moons', makes: null, madeAt: '2026-01-10T12:00:00Z', parts: [], steps: ['Fry.'], notes: [] })['@type'] // 'Recipe'
 */
export function recipeJsonLd({ name, makes, madeAt, parts, steps, notes }: RecipeOut): Record<string, unknown> {
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name,
    ...(makes === null ? {} : { recipeYield: makes }),
    dateModified: madeAt,
    recipeIngredient: parts.flatMap(({ lines }) => lines),
    recipeInstructions: steps.map((text) => ({ '@type': 'HowToStep', text })),
    ...(notes.length === 0 ? {} : { description: notes.join(' ') }),
  };
}

/** Signs that would be taken for formatting, as themselves; a line stays one line. */
const plainText = (text: string): string =>
  text.replace(/\s+/g, ' ').replace(/[\\`*_[\]<>#|~]/g, (sign) => `\\${sign}`);

/**
 * As Markdown, for people.
 * @example recipeMarkdown({ name: 'Half-moons', makes: '12 pieces', madeAt: '2026-01-10T12:00:00Z', parts: [], steps: ['Fry.'], notes: [] }).split('\n')[0] // '# Half-moons'
 */
export function recipeMarkdown({ name, makes, parts, steps, notes }: RecipeOut): string {
  const blocks = [
    `# ${plainText(name)}`,
    ...(makes === null ? [] : [`Makes ${plainText(makes)}.`]),
    ...parts.flatMap(({ name: part, lines }) => [
      `## ${plainText(part)}`,
      lines.map((line) => `- ${plainText(line)}`).join('\n'),
    ]),
    ...(steps.length === 0 ? [] : ['## Steps', steps.map((step, i) => `${i + 1}. ${plainText(step)}`).join('\n')]),
    ...(notes.length === 0 ? [] : ['## Notes', notes.map((note) => `- ${plainText(note)}`).join('\n')]),
  ];
  return `${blocks.join('\n\n')}\n`;
}
