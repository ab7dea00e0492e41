import { Mic } from 'lucide-react';
import { styled } from 'styled-components';
import { Button } from '../ui/controls/Button';
import { Panel, Problem, Soft } from '../ui/controls/Panel';
import { Tally } from '../ui/controls/Tally';
import { ovenText } from '../text/fireWords';
import type { Printer } from '../text/printer';
import { SPEED_NAME } from '../text/words';
import type { Fire } from './useFire';
import type { LiveStove } from './useStove';

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
  readonly fire: Fire;
  readonly printer: Printer;
  readonly listening: boolean;
  readonly problem: string | null;
  /** The batch is over; where to go then, or to the ledger. */
  readonly onEnd: (then?: string) => void;
}

/** Where every piece is, and the end of the batch. */
export function TallyPanel({ live, fire, printer, listening, problem, onEnd }: TallyPanelProps) {
  const { state, tally } = fire;
  const { draft, speed } = live.stove;
  const { then } = tally;
  return (
    <Panel style={{ gridArea: 'tally', alignSelf: 'start' }} aria-label="Tally">
      <Soft>{`${draft.name}, lot ${tally.lot} of ${tally.lots}`}</Soft>
      <Tally
        counts={{
          ...{ done: state.done, burst: state.burst, ...(state.aside > 0 && { 'set aside': state.aside }) },
          ...{ 'in the oil': state.inPot.length, 'to fry': state.toFry },
        }}
      />
      {state.inOven.length > 0 && <p>{`In the oven: ${ovenText(state.inOven, (c) => printer.temp(c))}.`}</p>}
      <Soft>{`${printer.time(fire.nowS)} since the start, ${SPEED_NAME[String(speed) as keyof typeof SPEED_NAME]}`}</Soft>
      <Soft>Lid at hand. Never water on burning oil.</Soft>
      {listening && (
        <Soft role="status">
          <Mic size={14} aria-hidden /> Listening
        </Soft>
      )}
      {live.waiting > 0 && <Soft role="status">{`${live.waiting} kept here until the server is back`}</Soft>}
      {problem && <Problem>{problem}</Problem>}
      <Ends>
        <Button isDisabled={!tally.canFinish} onPress={() => onEnd()}>
          Finish the batch
        </Button>
        {then && (
          <Button $look="primary" onPress={() => onEnd(`/fire/${then.job.id}`)}>
            {`Finish, then ${then.job.name}`}
          </Button>
        )}
      </Ends>
    </Panel>
  );
}
