import { DOUGH as T } from '#text/bench/dough/doughPhrases';
import type { Felt, FlourNote } from '@ember-fold/core/ledger';
import type { FlourBelief } from '@ember-fold/core/plan';
import { useState } from 'react';
import { styled } from 'styled-components';
import { api, problemOf } from '../../data/api/api';
import { figureFont, FINE } from '../../ui/theme';
import { useEdit } from '../../data/draft/useEdit';
import { type Line, usePantry } from '../../data/draft/useLine';
import { Button } from '../../ui/controls/button/Button';
import { Choice } from '../../ui/controls/choice/Choice';
import { Problem, Soft } from '../../ui/layout/Panel';
import { Sheet } from '../../ui/controls/sheet/Sheet';
import { BeliefCurve } from '../../ui/drawing/BeliefCurve';
import { PourLadder } from '../../ui/drawing/PourLadder';
import { plain, type Printer } from '../../text/printer';
import { FELT_NAME } from '#text/shared/words';

const Box = styled.section`
  margin-top: 8px;
  padding-top: 4px;
  border-top: 1px solid ${({ theme }) => theme.line};
  h3 {
    ${figureFont}
    font-size: 15px;
  }
`;

const Taps = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin: 4px 0;
  > svg {
    flex: 1 1 200px;
    min-width: 180px;
  }
  ${FINE} {
    button {
      min-height: 36px;
    }
  }
`;

const SPOONS_KG = [0.015, 0.005];

function beliefText(name: string, belief: FlourBelief | undefined): string {
  if (!belief) return T.nothingNotedOf(name);
  const points = Math.round(belief.mean * 1000) / 10;
  const doughs = T.doughs(belief.count);
  if (Math.abs(points) < 0.1) return T.thisDrinksAsItsLabel(name, doughs);
  return T.thisDrinksPointsThanIts(
    name,
    plain(Math.abs(points)),
    points > 0 ? 'more' : 'less',
    plain(belief.sd * 100),
    doughs,
  );
}

/** Tap what was poured; say how it felt; the next first pour knows. */
export function WaterLog({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const pantry = usePantry();
  const { draft, kitchen, printer, cold } = line;
  const { figures } = cold.dough;
  const flourId = figures.mainFlourId;
  const poured = draft.dough.poured ?? [];
  const sum = poured.reduce((total, kg) => total + kg, 0);
  const [note, noting] = api.useNoteFlourMutation();
  const [open, setOpen] = useState(false);
  if (!flourId || figures.pourableKg <= 0) return null;
  const name = pantry.find(flourId).name.toLowerCase();
  const belief = kitchen.flours?.[flourId];
  const setPoured = (next: readonly number[]) =>
    edit('dough.poured', (d) => ({ ...d, dough: { ...d.dough, poured: next } }));
  const say = async (felt: Felt) => {
    const { family, lines } = draft.dough;
    const ask = { id: crypto.randomUUID(), batchName: draft.name, dough: { family, lines }, pouredKg: sum, felt };
    const result = await note(ask);
    // Noted once: the next dough is poured anew.
    if ('data' in result && result.data) setPoured([]);
  };
  const pours = sum === 0 ? [figures.firstPourKg] : SPOONS_KG;
  return (
    <Box aria-label={T.waterLog}>
      <Taps>
        <h3>{T.whileMixing}</h3>
        <span>{T.pouredOf(printer.water(sum), printer.water(figures.firstPourKg + figures.reserveKg))}</span>
        <PourLadder
          firstKg={figures.firstPourKg}
          reserveKg={figures.reserveKg}
          pouredKg={sum}
          spoonKg={SPOONS_KG[0]!}
          printMass={printer.water}
        />
        {pours.map((kg) => (
          <Button key={kg} onPress={() => setPoured([...poured, kg])}>
            {T.poured(printer.water(kg))}
          </Button>
        ))}
        {poured.length > 0 && <Button onPress={() => setPoured(poured.slice(0, -1))}>{T.takeBack}</Button>}
      </Taps>
      {sum > 0 && (
        <Taps role="group" aria-label={T.howItFeels}>
          <span>{T.itFeels}</span>
          {(Object.entries(FELT_NAME) as [Felt, string][]).map(([felt, word]) => (
            <Button key={felt} isDisabled={noting.isLoading} onPress={() => void say(felt)}>
              {word}
            </Button>
          ))}
        </Taps>
      )}
      {noting.error && <Problem>{problemOf(noting.error).message}</Problem>}
      <Taps>
        <Soft role="status" style={{ flex: '1 1 240px' }}>
          {beliefText(name, belief)}
        </Soft>
        {belief && (
          <Button $look="quiet" style={{ padding: 0 }} onPress={() => setOpen(true)}>
            {T.whatWasLearnt}
          </Button>
        )}
      </Taps>
      {open && (
        <Learnt flourId={flourId} name={name} belief={belief} printer={printer} onClose={() => setOpen(false)} />
      )}
    </Box>
  );
}

interface LearntProps {
  readonly flourId: string;
  readonly name: string;
  readonly belief: FlourBelief | undefined;
  readonly printer: Printer;
  readonly onClose: () => void;
}

/** Every dough behind a belief; each can be changed or forgotten. */
function Learnt({ flourId, name, belief, printer, onClose }: LearntProps) {
  const { data } = api.useFloursQuery();
  const [change, changing] = api.useChangeFlourMutation();
  const [forget, forgetting] = api.useForgetFlourMutation();
  const notes = data?.observations.filter((seen) => seen.flourId === flourId) ?? [];
  const error = changing.error ?? forgetting.error;
  return (
    <Sheet title={T.whatWasLearntOfThis(name)} isOpen onClose={onClose}>
      <p>{beliefText(name, belief)}</p>
      {belief && <BeliefCurve belief={belief} label={beliefText(name, belief)} />}
      {error && <Problem>{problemOf(error).message}</Problem>}
      <ul aria-label={T.doughsNoted}>
        {notes.map((seen) => (
          <Noted
            key={seen.id}
            note={seen}
            printer={printer}
            onFelt={(felt) => void change({ id: seen.id, pouredKg: seen.pouredKg, felt })}
            onForget={() => void forget(seen.id)}
          />
        ))}
      </ul>
    </Sheet>
  );
}

interface NotedProps {
  readonly note: FlourNote;
  readonly printer: Printer;
  readonly onFelt: (felt: Felt) => void;
  readonly onForget: () => void;
}

function Noted({ note, printer, onFelt, onForget }: NotedProps) {
  return (
    <Box as="li">
      <strong>{note.batchName}</strong>
      <Soft>{T.pouredOn(printer.date(Date.parse(note.notedAt)), printer.water(note.pouredKg))}</Soft>
      <Choice label={`Felt, ${note.batchName}`} hideLabel value={note.felt} options={FELT_NAME} onChange={onFelt} />
      <Button $look="quiet" style={{ padding: 0 }} onPress={onForget}>
        {T.forgetThisDough}
      </Button>
    </Box>
  );
}
