/** Does what is asked under one name one after the other, in the order in which it was asked. */
export class InTurn {
  private readonly last = new Map<string, Promise<unknown>>();

  /** @returns what the work gives; one that fails does not hold up the next */
  run<T>(name: string, work: () => Promise<T>): Promise<T> {
    const done = (this.last.get(name) ?? Promise.resolve()).then(work);
    const over: Promise<unknown> = done
      .catch(() => undefined)
      .then(() => {
        if (this.last.get(name) === over) this.last.delete(name);
      });
    this.last.set(name, over);
    return done;
  }

  /** Names under which something is still being done. */
  get busy(): number {
    return this.last.size;
  }
}
