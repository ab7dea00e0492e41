/** A figure that the method names. °C, s, a number, m. */
export interface MethodFact {
  readonly kind: 'oil' | 'oven' | 'fry-time' | 'bake-time' | 'rest-time' | 'pieces' | 'thickness' | 'disc';
  readonly least: number;
  readonly most: number;
  /** As it was written. */
  readonly text: string;
}

const NUMBER = String.raw`(\d+(?:[.,]\d+)?(?:\s+\d+\/\d+|\/\d+)?)`;
const RANGE = String.raw`${NUMBER}(?:\s*(?:-|to|or)\s*${NUMBER})?`;

const numberOf = (text: string): number => {
  const match = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text.trim());
  if (match) return Number(match[1] ?? 0) + Number(match[2]) / Number(match[3]);
  return Number(text.replace(',', '.'));
};

/** Words for oil that give no figure, °C. Source: docs/models/practice.md. */
const FLAMES: readonly (readonly [RegExp, number, number])[] = [
  [/\bmedium(?:[- ]high)? (?:heat|flame|oil)\b/i, 150, 165],
  [/\bnot too hot\b/i, 140, 155],
  [/\bhot oil\b/i, 170, 180],
];
const OVENS: readonly (readonly [RegExp, number])[] = [
  [/\bslow oven\b/i, 150],
  [/\bmoderate oven\b/i, 175],
  [/\bhot oven\b/i, 200],
];

const SECONDS: Readonly<Record<string, number>> = { s: 1, m: 60, h: 3600 };

/** What a sentence is about: each figure in it is distinguished by what is done. */
function aboutOf(sentence: string): 'fry' | 'bake' | 'rest' | 'other' {
  if (/\b(?:fry|frying|fried|oil)\b/i.test(sentence)) return 'fry';
  if (/\b(?:bake|baked|baking|oven)\b/i.test(sentence)) return 'bake';
  if (/\b(?:rest|rise|chill|refrigerate|proof|prove|stand|leave)\b/i.test(sentence)) return 'rest';
  return 'other';
}

/**
 * Temperatures, times, counts and sizes that a method names, each with the words it was read from.
 * A number without a unit says nothing here.
 * @example readMethod('Fry for 4 minutes at 350 F.').length // 2
 */
export function readMethod(text: string): MethodFact[] {
  const facts: MethodFact[] = [];
  const plain = text.replace(/[‐‑‒–—]/g, '-').slice(0, 20_000);
  for (const sentence of plain.split(/(?<=[.!?;])\s+|\n+/)) {
    const about = aboutOf(sentence);
    const push = (kind: MethodFact['kind'], least: number, most: number, said: string) => {
      if (Number.isFinite(least) && Number.isFinite(most)) facts.push({ kind, least, most, text: said.trim() });
    };
    for (const [all, a, b, unit] of sentence.matchAll(new RegExp(`${RANGE}\\s*(?:°|º|degrees?)?\\s*([CF])\\b`, 'g'))) {
      const c = (value: string) => (unit === 'F' ? ((numberOf(value) - 32) * 5) / 9 : numberOf(value));
      const [least, most] = [c(a!), c(b ?? a!)];
      if (least >= 90 && most <= 260) push(about === 'bake' ? 'oven' : 'oil', least, most, all);
    }
    const mark = /\bgas mark (\d)/i.exec(sentence);
    if (mark) push('oven', 121 + 14 * Number(mark[1]), 121 + 14 * Number(mark[1]), mark[0]);
    if (about === 'fry')
      for (const [word, least, most] of FLAMES)
        if (word.test(sentence)) push('oil', least, most, word.exec(sentence)![0]);
    for (const [word, c] of OVENS) if (word.test(sentence)) push('oven', c, c, word.exec(sentence)![0]);
    for (const [all, a, b, unit] of sentence.matchAll(
      new RegExp(`${RANGE}\\s*(s|sec|secs|seconds?|m|min|mins|minutes?|h|hr|hrs|hours?)\\b`, 'gi'),
    )) {
      const each = SECONDS[unit!.charAt(0).toLowerCase()]!;
      const kind =
        about === 'fry' ? 'fry-time' : about === 'bake' ? 'bake-time' : about === 'rest' ? 'rest-time' : null;
      if (kind) push(kind, numberOf(a!) * each, numberOf(b ?? a!) * each, all);
    }
    const pieces =
      /\b(?:makes?|serves?|yields?|divide[sd]?(?:\s+\w+){0,3}\s+into|into)\s+(?:about\s+)?(\d+)(?:\s*(?:-|to)\s*(\d+))?\b(?!\s*(?:cm|mm|in\b|inch))/i.exec(
        sentence,
      );
    if (pieces && !/serves/i.test(pieces[0]))
      push('pieces', Number(pieces[1]), Number(pieces[2] ?? pieces[1]), pieces[0]);
    for (const [all, a, b, unit] of sentence.matchAll(new RegExp(`${RANGE}[\\s-]*(mm|cm|inch(?:es)?|in\\b|")`, 'gi'))) {
      const each = /^mm/i.test(unit!) ? 0.001 : /^cm/i.test(unit!) ? 0.01 : 0.0254;
      const [least, most] = [numberOf(a!) * each, numberOf(b ?? a!) * each];
      push(most <= 0.012 ? 'thickness' : 'disc', least, most, all);
    }
  }
  return facts;
}
