import { noteServerTime, serverNowMs } from './serverClock';

const SERVER = 5_000_000_000;
/** What the server's clock shows now, by this page's monotonic clock. */
const truth = () => SERVER + performance.now();
const offMs = () => Math.abs(serverNowMs() - truth());

it('the quickest word counts; one held up on its way moves nothing, two say that the server was set back', () => {
  noteServerTime(truth() - 300);
  expect(offMs()).toBeCloseTo(300, -1);
  noteServerTime(truth() - 20);
  expect(offMs()).toBeLessThan(30);
  // Slower ones, a little or by far.
  noteServerTime(truth() - 400);
  noteServerTime(truth() - 2500);
  expect(offMs()).toBeLessThan(30);
  noteServerTime(truth() - 10);
  noteServerTime(truth() - 9000);
  expect(offMs()).toBeLessThan(30);
  // An hour back, sent twice.
  noteServerTime(truth() - 3_600_000);
  expect(serverNowMs() - truth()).toBeCloseTo(-9000, -2);
  noteServerTime(truth() - 3_600_000);
  noteServerTime(truth() - 3_600_000);
  expect(serverNowMs() - truth()).toBeCloseTo(-3_600_000, -2);
});
