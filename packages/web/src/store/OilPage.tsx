import { STORE as T } from '../text/storePhrases';
import { OIL_KINDS, type OilAdvice, type OilSigns, RANGES, type OilAct, type OilRow } from '@ember-fold/core';
import { useState } from 'react';
import { styled } from 'styled-components';
import { problemOf } from '../data/api';
import { editKitchen } from '../data/editKitchen';
import { oilApi } from '../data/oilApi';
import { PHONE } from '../ui/theme';
import { useKitchen, usePantry } from '../data/useLine';
import { Asked } from '../ui/controls/Asked';
import { Button } from '../ui/controls/Button';
import { ToneMark, toneColour } from '../ui/controls/Findings';
import { NameField } from '../ui/controls/NameField';
import { Panel, PanelTitle, Problem, Row, Soft } from '../ui/controls/Panel';
import { Pick } from '../ui/controls/Pick';
import { Actions, Sheet } from '../ui/controls/Sheet';
import { TickField } from '../ui/controls/TickField';
import { MlField, TempField } from '../ui/controls/UnitFields';
import { oilAdviceText, oilCarriesText, oilEventText, oilStateText, SIGN_NAME } from '../text/oilText';
import type { Printer } from '../text/printer';
import { PotPanel } from './PotPanel';

const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 14px;
  align-items: start;
  > div {
    display: grid;
    gap: 14px;
  }
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 12px;
`;

const Verdict = styled.p<{ $tone: 'good' | 'lookOut' | 'stop' | 'know' }>`
  display: flex;
  align-items: center;
  gap: 8px;
  margin: 4px 0;
  font-weight: 640;
  svg {
    flex: none;
    color: ${({ theme, $tone }) => theme[$tone]};
  }
`;

const Keys = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  margin-top: 8px;
`;

const TONE: Record<OilAdvice, 'good' | 'look-out' | 'stop'> = {
  good: 'good',
  strain: 'look-out',
  'last-time': 'look-out',
  discard: 'stop',
};

/** Kept oils with their history, and the pots they are heated in. */
export function OilPage() {
  const oils = oilApi.useOilsQuery(undefined, { refetchOnMountOrArgChange: true });
  const known = useKitchen();
  if (!known) return null;
  const { kitchen, printer } = known;
  return (
    <Two>
      <div>
        <Asked of={oils} what={T.theOils}>
          {(rows) => (
            <>
              {rows.length === 0 && (
                <Panel>
                  <PanelTitle>{T.noOilIsKeptYet}</PanelTitle>
                  <Soft>{T.addWhatIsInThe}</Soft>
                </Panel>
              )}
              {[...rows]
                .sort((a, b) => Number(b.oil.id === kitchen.potOilId) - Number(a.oil.id === kitchen.potOilId))
                .map((row) => (
                  <OilCard key={row.oil.id} row={row} isInPot={row.oil.id === kitchen.potOilId} printer={printer} />
                ))}
            </>
          )}
        </Asked>
        <NewOil printer={printer} />
      </div>
      <PotPanel />
    </Two>
  );
}

interface OilCardProps {
  readonly row: OilRow;
  readonly isInPot: boolean;
  readonly printer: Printer;
}

function OilCard({ row: { oil, state, events }, isInPot, printer }: OilCardProps) {
  const [tell, telling] = oilApi.useTellOilMutation();
  const [open, setOpen] = useState<'judge' | 'top-up' | 'pour' | null>(null);
  const act = (what: OilAct) => void tell({ oilId: oil.id, act: what });
  const id = () => crypto.randomUUID();
  const close = () => setOpen(null);
  const tone = TONE[state.advice];
  return (
    <Panel data-oil={oil.name}>
      <Head>
        <PanelTitle style={{ margin: 0 }}>{oil.name}</PanelTitle>
        {isInPot && !state.isGone && <strong>{T.inThePot}</strong>}
      </Head>
      {state.isGone ? (
        <Soft>{T.pouredAway}</Soft>
      ) : (
        <>
          <Verdict $tone={toneColour(tone)}>
            <ToneMark tone={tone} />
            {oilAdviceText(state)}
          </Verdict>
          <p>{oilStateText(state, printer)}</p>
          <p>{oilCarriesText(state)}</p>
        </>
      )}
      <details>
        <summary style={{ minHeight: 44, paddingTop: 10 }}>{T.whatHappenedToIt(events.length)}</summary>
        <ul>
          {[...events].reverse().map((event) => (
            <li key={event.id}>{oilEventText(event, printer)}</li>
          ))}
        </ul>
      </details>
      {telling.error && <Problem>{problemOf(telling.error).message}</Problem>}
      {!state.isGone && (
        <Keys>
          {!isInPot && (
            <Button onPress={() => editKitchen((now) => ({ ...now, potOilId: oil.id }))}>{T.fryInThisOne}</Button>
          )}
          <Button onPress={() => act({ id: id(), kind: 'strained' })}>{T.strained}</Button>
          <Button onPress={() => setOpen('top-up')}>{T.topUp}</Button>
          <Button onPress={() => setOpen('judge')}>{T.lookAtIt}</Button>
          <Button $look="quiet" onPress={() => setOpen('pour')}>
            {T.pourAway}
          </Button>
        </Keys>
      )}
      {open === 'judge' && (
        <JudgeSheet
          name={oil.name}
          onClose={close}
          onJudged={(signs) => {
            act({ id: id(), kind: 'judged', ...signs });
            close();
          }}
        />
      )}
      {open === 'top-up' && (
        <TopUpSheet
          name={oil.name}
          onClose={close}
          onAdded={(m3) => {
            act({ id: id(), kind: 'topped-up', m3 });
            close();
          }}
        />
      )}
      {open === 'pour' && (
        <Sheet title={T.pourAway2(oil.name)} isOpen onClose={close} alert>
          <p>{T.letItGoColdPut}</p>
          <Actions>
            <Button onPress={close}>{T.keepIt}</Button>
            <Button
              $look="danger"
              onPress={() => {
                act({ id: id(), kind: 'poured-away' });
                close();
              }}
            >
              {T.itIsPouredAway}
            </Button>
          </Actions>
        </Sheet>
      )}
    </Panel>
  );
}

interface JudgeSheetProps {
  readonly name: string;
  readonly onClose: () => void;
  readonly onJudged: (signs: OilSigns) => void;
}

/** What eyes and nose say; any of them means that it is done. */
function JudgeSheet({ name, onClose, onJudged }: JudgeSheetProps) {
  const [signs, setSigns] = useState<OilSigns>({ dark: false, foams: false, smokesEarly: false, rank: false });
  return (
    <Sheet title={T.lookAt(name)} isOpen onClose={onClose}>
      <p>{T.inAGlassAgainstThe}</p>
      {(Object.keys(SIGN_NAME) as (keyof OilSigns)[]).map((sign) => (
        <TickField
          key={sign}
          label={SIGN_NAME[sign]}
          value={signs[sign]}
          onChange={(seen) => setSigns({ ...signs, [sign]: seen })}
        />
      ))}
      <Actions>
        <Button $look="primary" onPress={() => onJudged(signs)}>
          {Object.values(signs).some(Boolean) ? T.writeItDown : T.nothingWrong}
        </Button>
      </Actions>
    </Sheet>
  );
}

interface TopUpSheetProps {
  readonly name: string;
  readonly onClose: () => void;
  readonly onAdded: (m3: number) => void;
}

function TopUpSheet({ name, onClose, onAdded }: TopUpSheetProps) {
  const [m3, setM3] = useState(0.0003);
  return (
    <Sheet title={T.topUp2(name)} isOpen onClose={onClose}>
      <Soft>{T.freshOilThinsOutWhat}</Soft>
      <Row>
        <MlField label={T.freshOil} value={m3} {...RANGES.store.addedM3} onChange={setM3} />
      </Row>
      <Actions>
        <Button $look="primary" onPress={() => onAdded(m3)}>
          {T.added}
        </Button>
      </Actions>
    </Sheet>
  );
}

type KindId = (typeof OIL_KINDS)[number]['ingredientId'];

/** Fresh oil, from the bottle. */
function NewOil({ printer }: { readonly printer: Printer }) {
  const pantry = usePantry();
  const [add, adding] = oilApi.useAddOilMutation();
  const [asked, setAsked] = useState({
    id: crypto.randomUUID() as string,
    name: T.freshOil,
    ingredientId: OIL_KINDS[0]!.ingredientId,
    smokeC: OIL_KINDS[0]!.smokeC,
    m3: 0.002,
  });
  const set = (change: Partial<typeof asked>) => setAsked((now) => ({ ...now, ...change }));
  const names = Object.fromEntries(
    OIL_KINDS.map(({ ingredientId }) => [ingredientId, pantry.find(ingredientId).name]),
  ) as Record<KindId, string>;
  const take = async () => {
    const made = await add(asked);
    if (!('data' in made)) return;
    editKitchen((now) => ({ ...now, potOilId: asked.id }));
    set({ id: crypto.randomUUID(), name: T.freshOil });
  };
  return (
    <Panel>
      <PanelTitle>{T.freshOil}</PanelTitle>
      <NameField label={T.nameOfTheOil} value={asked.name} onChange={(name) => set({ name })} />
      <Pick<KindId>
        label={T.whatItIs}
        value={asked.ingredientId}
        options={names}
        onChange={(ingredientId) =>
          set({ ingredientId, smokeC: OIL_KINDS.find((kind) => kind.ingredientId === ingredientId)!.smokeC })
        }
      />
      <Row>
        <TempField
          label={T.smokePointOnTheBottle}
          value={asked.smokeC}
          {...RANGES.pot.smokeC}
          printer={printer}
          onChange={(smokeC) => set({ smokeC })}
        />
      </Row>
      <Row>
        <MlField label={T.intoThePot} value={asked.m3} {...RANGES.store.filledM3} onChange={(m3) => set({ m3 })} />
      </Row>
      {adding.error && <Problem>{problemOf(adding.error).message}</Problem>}
      <Button onPress={() => void take()} isDisabled={adding.isLoading}>
        {T.keepItAndFryIn}
      </Button>
      <Soft style={{ marginTop: 6 }}>{T.refinedWithAHighSmoke}</Soft>
    </Panel>
  );
}
