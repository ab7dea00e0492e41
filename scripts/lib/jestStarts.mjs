/** Says which test file begins, so that a standstill names its file. */
export default class JestStarts {
  onTestFileStart(test) {
    process.stdout.write(`begins ${test.path.split('/packages/').pop()}\n`);
  }
}
