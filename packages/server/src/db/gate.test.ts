import { openDatabase } from '../test/openApp.js';

test('two that wait for each other both come through, each once; so does a single statement among them', async () => {
  const { gate, drop } = await openDatabase();
  try {
    await gate.change('CREATE TABLE pot (id INT PRIMARY KEY, drops INT NOT NULL)');
    await gate.change('INSERT INTO pot VALUES (1, 0), (2, 0)');
    const onto = (id: number) => ['UPDATE pot SET drops = drops + 1 WHERE id = ?', [id]] as const;
    let begun = 0;
    const crossing = (first: number, then: number) =>
      gate.transaction(async (q) => {
        begun += 1;
        await q.change(...onto(first));
        await q.rows('SELECT SLEEP(0.03)');
        await q.change(...onto(then));
      });
    const works = [crossing(1, 2), crossing(2, 1), crossing(1, 2), crossing(2, 1)];
    // Takes both rows in the order opposite to the first: it is the one that gives way at times.
    const all = gate.change('UPDATE pot SET drops = drops + 1 ORDER BY id DESC');
    await Promise.all([...works, all]);
    expect(begun).toBeGreaterThan(4);
    expect(await gate.rows('SELECT id, drops FROM pot ORDER BY id')).toEqual([
      { id: 1, drops: 5 },
      { id: 2, drops: 5 },
    ]);
    // What is wrong in itself is not asked again.
    const at = Date.now();
    await expect(gate.change('UPDATE pot SET drops = NULL')).rejects.toThrow(/null/i);
    expect(Date.now() - at).toBeLessThan(1000);
  } finally {
    await drop();
  }
});
