/** Words as they begin a sentence. @example capital('about 3') // 'About 3' */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
