import { recipeOfJson } from '@ember-fold/core/files';

/** A page is read no further than this, letters. */
export const MOST_PAGE = 2_000_000;
/** What of a page is never part of what it says. */
const NOT_TEXT = 'script, style, noscript, template, svg, nav, footer, iframe';
/** What stands in lines of its own. */
const BLOCKS = 'p, div, li, tr, h1, h2, h3, h4, h5, h6, section, article, ul, ol, table, header, main, br, dt, dd';

/** Whether a text is the source of a page rather than what one reads of it. */
export const isPage = (text: string): boolean =>
  /<(?:!doctype html|html|body|head|div|p|ul|ol|li|script)[\s>]/i.test(text);

/**
 * What a page of a web site says: its recipe data, where it has some; else its text, a line for each
 * block. Nothing of the page is run or fetched. What is no page comes back as it is.
 */
export function pageText(text: string): string {
  if (!isPage(text)) return text;
  const page = new DOMParser().parseFromString(text.slice(0, MOST_PAGE), 'text/html');
  for (const data of page.querySelectorAll('script[type="application/ld+json"]')) {
    const found = recipeOfJson(data.textContent ?? '');
    if (found) return [found.title, found.text].filter(Boolean).join('\n');
  }
  page.querySelectorAll(NOT_TEXT).forEach((one) => one.remove());
  page.querySelectorAll(BLOCKS).forEach((one) => one.append('\n'));
  return (page.body.textContent ?? '')
    .split('\n')
    .map((line) => line.replace(/\s+/g, ' ').trim())
    .filter(Boolean)
    .join('\n');
}
