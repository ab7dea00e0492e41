/** Words of the frame around every room. */
export const SHELL_TEXT = {
  away: 'The server is not answering. What you do here is saved and will be sent when it is back.',
  shownFrom: (age: string) => `This page shows what it last sent, ${age} ago.`,
  clash: (what: string) => `${what} was also changed on another device.`,
  sides: (name: string, mine: string, theirs: string) => `${name}: ${mine} here, ${theirs} there`,
  keepMine: 'Keep mine',
  takeTheirs: 'Take theirs',
  refused: (what: string, why: string) => `${what} was not accepted. ${why}`,
  tryAgain: 'Try again',
  drop: 'Discard it',
  opening: 'Opening…',
  outdated: 'Timers and pots are not shown: this page is older than the server.',
  reopen: 'Open it again',
} as const;
