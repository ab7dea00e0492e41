import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import { Mic } from 'lucide-react';
import { styled } from 'styled-components';
import { Button } from '../ui/controls/button/Button';
import { Panel, Problem, Soft } from '../ui/layout/Panel';
import { Tally } from '../ui/controls/list/Tally';
import { ovenText } from '#text/stove/stoveWords';
import { trayName } from '#text/bench/trayText';
import type { Printer } from '../text/printer';
import { SPEED_NAME } from '#text/shared/words';
import type { StoveFigures } from './useStoveFigures';
import type { LiveStove } from './useLiveStove';

const Ends = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 10px;
  button {
    min-height: 64px;
  }
`;

interface TallyPanelProps {
  readonly live: LiveStove;
  readonly figures: StoveFigures;
  readonly printer: Printer;
  readonly listening: boolean;
  readonly problem: string | null;
  /** The batch is over; where to go then, or to the ledger. */
  readonly onEnd: (then?: string) => void;
}

/** The batch, and the tray that is in the oil or next, where there are several. */
const listed = (name: string, { trays, tray }: StoveFigures): string =>
  trays.length > 1 ? `${name}, ${trayName(tray.draft)}` : name;

/** Where every piece is, and the end of the batch. */
export function TallyPanel({ live, figures, printer, listening, problem, onEnd }: TallyPanelProps) {
  const { state, tally } = figures;
  const { draft, speed } = live.stove;
  const { then } = tally;
  return (
    <Panel style={{ gridArea: 'tally', alignSelf: 'start' }} aria-label={T.tally}>
      <Soft>{T.loadOf(listed(draft.name, figures), tally.load, tally.loads)}</Soft>
      <Tally
        counts={{
          [T.tallyOf.done]: state.done - figures.raw.length,
          ...(figures.raw.length > 0 && { [T.tallyOf.raw]: figures.raw.length }),
          [T.tallyOf.burst]: state.burst,
          ...(state.aside > 0 && { [T.tallyOf.aside]: state.aside }),
          [T.tallyOf.inTheOil]: state.inPot.length,
          [T.tallyOf.toFry]: state.toFry,
        }}
      />
      {state.inOven.length > 0 && <p>{T.inTheOven(ovenText(state.inOven, (c) => printer.temp(c)))}</p>}
      <Soft>{T.sinceTheStart(printer.time(figures.nowS), SPEED_NAME[String(speed) as keyof typeof SPEED_NAME])}</Soft>
      <Soft>{T.lidAtHandNeverWater}</Soft>
      {listening && (
        <Soft role="status">
          <Mic size={14} aria-hidden /> {T.listening}
        </Soft>
      )}
      {live.waiting > 0 && <Soft role="status">{T.keptHereUntilTheServer(live.waiting)}</Soft>}
      {problem && <Problem>{problem}</Problem>}
      <Ends>
        <Button isDisabled={!tally.canFinish} onPress={() => onEnd()}>
          {T.finishTheBatch}
        </Button>
        {then && (
          <Button $look="primary" onPress={() => onEnd(`/stove/${then.job.id}`)}>
            {T.finishThen(then.job.name)}
          </Button>
        )}
      </Ends>
    </Panel>
  );
}
