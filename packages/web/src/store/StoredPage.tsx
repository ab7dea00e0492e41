import { batchFromStored, type StoredItem, type StoredKind, type StoredPlace } from '@ember-fold/core/ledger';
import { planCold, RANGES } from '@ember-fold/core/plan';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { api, problemOf } from '../data/api/api';
import { serverNowMs } from '../data/live/serverClock';
import { storeApi } from '../data/api/storeApi';
import { useKitchen } from '../data/draft/useLine';
import type { Printer } from '../text/printer';
import {
  STORED as T,
  STORED_KIND,
  STORED_PLACE,
  storedAmount,
  storedDays,
  storedTone,
} from '#text/store/storedPhrases';
import { Asked } from '../ui/controls/choice/Asked';
import { Button } from '../ui/controls/button/Button';
import { Choice } from '../ui/controls/choice/Choice';
import { ToneMark, toneColour } from '../ui/controls/list/Findings';
import { NameField } from '../ui/controls/field/NameField';
import { Panel, PanelTitle, Problem, Row, Soft } from '../ui/layout/Panel';
import { CountField, GramField } from '../ui/controls/field/UnitFields';
import { ShapePicture } from '../ui/drawing/ShapePicture';
import { figureFont, PHONE } from '../ui/theme';

const Grid = styled.div`
  display: grid;
  gap: 14px;
  align-items: start;
  grid-template-columns: minmax(0, 1fr) 340px;
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Items = styled.ul`
  > li {
    display: grid;
    grid-template-columns: 72px minmax(0, 1fr) minmax(0, 420px);
    gap: 4px 16px;
    align-items: center;
    padding: 12px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  b {
    ${figureFont}
    font-size: 19px;
  }
  small {
    display: block;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 10px;
    align-items: end;
    justify-content: flex-end;
    /* A field keeps its width: what stands beside it goes on the next line. */
    > :has(input) {
      flex: 1 0 190px;
    }
  }
  ${PHONE} {
    > li {
      grid-template-columns: 56px minmax(0, 1fr);
    }
    .ways {
      grid-column: 1 / -1;
      justify-content: flex-start;
    }
  }
`;

const Days = styled.span<{ $colour: 'good' | 'lookOut' | 'stop' | 'know' }>`
  display: inline-flex;
  gap: 4px;
  align-items: center;
  font-size: 14px;
  color: ${({ theme, $colour }) => theme[$colour]};
`;

/** The freezer and the fridge: what lies there, how long it is good, and the batch that begins with it. */
export function StoredPage() {
  const list = storeApi.useStoredQuery(undefined, { refetchOnMountOrArgChange: true });
  const printer = useKitchen()?.printer;
  return (
    <Grid>
      <Panel>
        <PanelTitle>{T.title}</PanelTitle>
        <Asked of={list} what={T.theFreezer}>
          {(items) =>
            items.length === 0 || !printer ? (
              <>
                <h2>{T.nothing}</h2>
                <Soft>{T.nothingSays}</Soft>
              </>
            ) : (
              <Items aria-label={T.title}>
                {items.map((item) => (
                  <Item key={item.id} item={item} printer={printer} />
                ))}
              </Items>
            )
          }
        </Asked>
      </Panel>
      {printer && <Leftover printer={printer} />}
    </Grid>
  );
}

function Picture({ item }: { readonly item: StoredItem }) {
  const kitchen = useKitchen()?.kitchen;
  if (!item.tray || !kitchen) return <span />;
  const { piece } = planCold(item.tray, kitchen).fold;
  return piece ? <ShapePicture piece={piece} fold={item.tray.fold} crust={0.1} /> : <span />;
}

function Item({ item, printer }: { readonly item: StoredItem; readonly printer: Printer }) {
  const nowMs = serverNowMs();
  const tone = storedTone(item, nowMs);
  return (
    <li>
      <Picture item={item} />
      <div>
        <b>{item.name}</b>
        <span>{` · ${storedAmount(item, printer)}`}</span>
        <small>{STORED_PLACE[item.place]}</small>
        <Days $colour={toneColour(tone)}>
          <ToneMark tone={tone} size={14} />
          {storedDays(item, nowMs, printer)}
        </Days>
      </div>
      {item.left === null ? <TakeMass item={item} printer={printer} /> : <TakePieces item={item} />}
    </li>
  );
}

/** Tomorrow at half past six in the evening, where this page is. */
function tomorrowEvening(): string {
  const at = new Date();
  at.setDate(at.getDate() + 1);
  at.setHours(18, 30, 0, 0);
  return at.toISOString();
}

function TakePieces({ item }: { readonly item: StoredItem }) {
  const left = item.left ?? 0;
  const [pieces, setPieces] = useState(left);
  const [take, taking] = storeApi.useTakeStoredMutation();
  const [make, making] = api.useMakeBatchFromMutation();
  const navigate = useNavigate();
  const many = Math.min(Math.max(1, pieces), Math.max(1, left));
  const plan = async () => {
    const draft = batchFromStored(item, many, T.sixOf(item.name).slice(0, 120), tomorrowEvening());
    if (!draft) return;
    const made = await make({ id: crypto.randomUUID(), draft });
    if ('data' in made && made.data) await navigate(`/bench/${made.data.id}/fry`);
  };
  const error = taking.error ?? making.error;
  return (
    <div className="ways">
      {left > 0 && (
        <>
          <CountField label={T.howMany} value={many} least={1} most={left} onChange={setPieces} />
          {item.tray ? (
            <Button $look="primary" isDisabled={making.isLoading} onPress={() => void plan()}>
              {T.plan}
            </Button>
          ) : (
            <Soft>{T.noRecipe}</Soft>
          )}
          <Button $look="quiet" isDisabled={taking.isLoading} onPress={() => void take({ id: item.id, amount: many })}>
            {T.take}
          </Button>
        </>
      )}
      {error && <Problem>{problemOf(error).message}</Problem>}
    </div>
  );
}

function TakeMass({ item, printer }: { readonly item: StoredItem; readonly printer: Printer }) {
  const most = item.massKg ?? 0;
  const [kg, setKg] = useState(most);
  const [take, { error, isLoading }] = storeApi.useTakeStoredMutation();
  const amount = Math.min(kg, most);
  return (
    <div className="ways">
      <GramField label={T.amount} value={amount} least={0.001} most={most} printer={printer} onChange={setKg} />
      <Button $look="quiet" isDisabled={isLoading} onPress={() => void take({ id: item.id, amount })}>
        {T.take}
      </Button>
      {error && <Problem>{problemOf(error).message}</Problem>}
    </div>
  );
}

type LeftoverKind = Exclude<StoredKind, 'pieces'>;

/** Dough or filling that was left, with its place and its weight. */
function Leftover({ printer }: { readonly printer: Printer }) {
  const [kind, setKind] = useState<LeftoverKind>('filling');
  const [place, setPlace] = useState<StoredPlace>('freezer');
  const [name, setName] = useState<string>(T.leftOver);
  const [massKg, setMassKg] = useState(0.3);
  const [note, { error, isLoading }] = storeApi.useNoteStoredMutation();
  return (
    <Panel>
      <PanelTitle>{T.note}</PanelTitle>
      <NameField label={T.what} value={name} onChange={setName} />
      <Choice<LeftoverKind> label={T.of} value={kind} options={STORED_KIND} onChange={setKind} />
      <Choice<StoredPlace> label={T.where} value={place} options={STORED_PLACE} onChange={setPlace} />
      <Row>
        <GramField label={T.mass} value={massKg} {...RANGES.store.storedKg} printer={printer} onChange={setMassKg} />
      </Row>
      <Button isDisabled={isLoading} onPress={() => void note({ id: crypto.randomUUID(), kind, place, name, massKg })}>
        {T.noteIt}
      </Button>
      {error && <Problem>{problemOf(error).message}</Problem>}
    </Panel>
  );
}
