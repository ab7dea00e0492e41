export function setUpDemo(folder: string): Promise<void>;
