import { withTemps } from '../../text/printer';
import { BENCH_SHEETS as BENCH } from '#text/bench/benchSheetPhrases';
import { FRY as T } from '#text/bench/fry/fryPhrases';
import type { HoldTimes, StartState } from '@ember-fold/core/plan';
import { useEffect, useState } from 'react';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { Button } from '../../ui/controls/button/Button';
import { Soft } from '../../ui/layout/Panel';
import { Sheet } from '../../ui/controls/sheet/Sheet';
import { WayList } from '../../ui/controls/list/WayList';
import { HOLD_NAME, holdText, OLDEST_FIRST } from '#text/bench/fold/holdText';
import { holdLatest } from '../../workers/planClient';

const STARTS: readonly StartState[] = ['room', 'fridge', 'frozen', 'tempered'];

/** How shaped pieces wait for the oil: covered, chilled, frozen, frozen and tempered. */
export function HoldSheet({ line, onClose }: { readonly line: Line; readonly onClose: () => void }) {
  const edit = useEdit();
  const { draft, kitchen, printer, cold } = line;
  const [times, setTimes] = useState<HoldTimes | null | 'failed'>(null);
  useEffect(() => {
    let gone = false;
    holdLatest(draft, kitchen).then(
      (found) => !gone && found && setTimes(found),
      () => !gone && setTimes('failed'),
    );
    return () => {
      gone = true;
    };
  }, [draft, kitchen]);
  const { family } = cold.dough.figures;
  return (
    <Sheet title={T.holdUntilTheOil} isOpen onClose={onClose}>
      <p>{OLDEST_FIRST}</p>
      <WayList aria-label={T.waysToHold}>
        {STARTS.map((start) => {
          const now = start === draft.fry.start;
          return (
            <li key={start}>
              <div>
                <strong>{HOLD_NAME[start]}</strong>
                <Soft>
                  {times === null
                    ? T.workingItOut
                    : times === 'failed'
                      ? T.couldNotBeWorkedOut
                      : holdText(start, times, { family, kitchen, raw: draft.filling.raw ?? null }, printer)}
                </Soft>
              </div>
              <Button
                aria-label={now ? BENCH.asNow(HOLD_NAME[start]) : `Take: ${HOLD_NAME[start]}`}
                isDisabled={now}
                onPress={() => {
                  edit('fry.start', (d) => ({ ...d, fry: { ...d.fry, start } }));
                  onClose();
                }}
              >
                {now ? BENCH.asNowTitle : BENCH.useIt}
              </Button>
            </li>
          );
        })}
      </WayList>
      <Soft>{withTemps(T.roomGuideline, line.printer)}</Soft>
    </Sheet>
  );
}
