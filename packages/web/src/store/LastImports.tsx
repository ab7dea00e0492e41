import { problemOf } from '../data/api/api';
import { exchangeApi } from '../data/api/exchangeApi';
import { useKitchen } from '../data/draft/useLine';
import { FILES as T } from '#text/store/filePhrases';
import { Button } from '../ui/controls/button/Button';
import { Panel, PanelTitle, Problem, Row, Soft } from '../ui/layout/Panel';

/** What was taken in lately, each with the way back. */
export function LastImports() {
  const { data = [] } = exchangeApi.useImportsQuery(undefined, { refetchOnMountOrArgChange: true });
  const [undo, undoing] = exchangeApi.useUndoFileMutation();
  const printer = useKitchen()?.printer;
  if (data.length === 0 || !printer) return null;
  const done = undoing.data;
  return (
    <Panel>
      <PanelTitle>{T.last}</PanelTitle>
      {data.map(({ id, at, added, changed, isUndone }) => {
        const row = T.row(`${printer.day(Date.parse(at))} ${printer.clock(Date.parse(at))}`, added, changed);
        return (
          <Row key={id}>
            <span>{row}</span>
            {isUndone ? (
              <Soft as="span">{T.undone}</Soft>
            ) : (
              <Button aria-label={`${T.undo} ${row}`} isDisabled={undoing.isLoading} onPress={() => void undo(id)}>
                {T.undo}
              </Button>
            )}
          </Row>
        );
      })}
      {undoing.error && <Problem>{problemOf(undoing.error).message}</Problem>}
      <p role="status">
        {done && T.undoDone(done.undone)} {done && done.left.length > 0 && T.left(done.left.map(({ name }) => name))}
      </p>
    </Panel>
  );
}
