/** Words of the frame around every room. */
export const SHELL_TEXT = {
  away: 'The server does not answer. What you do here is kept and goes over when it is back.',
  shownFrom: (age: string) => `You see what it last said, ${age} ago.`,
  clash: (what: string) => `${what} was also changed on another device.`,
  sides: (name: string, mine: string, theirs: string) => `${name}: ${mine} here, ${theirs} there`,
  keepMine: 'Keep mine',
  takeTheirs: 'Take theirs',
  refused: (what: string, why: string) => `${what} was not taken. ${why}`,
  tryAgain: 'Try again',
  drop: 'Drop it',
  opening: 'Opening…',
  outdated: 'Timers and pots are not shown: this page is older than the server.',
  reopen: 'Open it again',
} as const;
