export interface Product {
  readonly address: string;
  /** What the start command wrote about itself: process ids, address. */
  state(): { pid: number; serverPid: number; databasePid: number; address: string };
  stop(): Promise<void>;
}
export const DEMO_KITCHEN: string;
export function putDemo(folder: string): void;
export function startProduct(name: string, ...more: string[]): Promise<Product>;
