import type { HomeNow, PairedDevice } from '@ember-fold/core/files';
import { useEffect, useState } from 'react';
import { styled } from 'styled-components';
import { abilitiesHere, type Abilities } from '../data/device/abilities';
import { problemOf } from '../data/api/api';
import { homeApi } from '../data/api/homeApi';
import { useKitchen } from '../data/draft/useLine';
import { HOME as T } from '#text/store/homePhrases';
import type { Printer } from '../text/printer';
import { Asked } from '../ui/controls/choice/Asked';
import { Button } from '../ui/controls/button/Button';
import { Panel, PanelTitle, Problem, Row, Soft } from '../ui/layout/Panel';
import { PHONE } from '../ui/theme';
import { CalendarPanel } from './CalendarPanel';
import { PassphrasePanel } from './PassphrasePanel';
import { PairPanel } from './PairPanel';

const Stack = styled.div`
  display: grid;
  align-content: start;
  gap: 14px;
`;

const Sides = styled(Stack)`
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Command = styled.p`
  margin: 8px 0;
  code {
    font-size: 16px;
    user-select: all;
  }
`;

/** Phones and tablets of the home network: one more let in, those that are in, and what this one can do. */
export function PhonesPage() {
  const home = homeApi.useHomeQuery(undefined, { refetchOnMountOrArgChange: true });
  const printer = useKitchen()?.printer;
  if (!printer) return null;
  return (
    <Asked of={home} what={T.what}>
      {(now) => (
        <Sides>
          {now.network ? <PairPanel network={now.network} devices={now.devices} printer={printer} /> : <Closed />}
          <Stack>
            <DeviceList now={now} printer={printer} />
            {now.network && <PassphrasePanel isHere={now.isHere} isSet={now.network.hasPassphrase} />}
            {now.network && <CalendarPanel hasCalendar={now.hasCalendar} />}
            <AbilityList />
          </Stack>
        </Sides>
      )}
    </Asked>
  );
}

function Closed() {
  return (
    <Panel>
      <PanelTitle>{T.closed}</PanelTitle>
      <p>{T.closedSays}</p>
      <Command>
        <code>{T.command}</code>
      </Command>
      <Soft>{T.closedThen}</Soft>
    </Panel>
  );
}

function DeviceList({ now, printer }: { readonly now: HomeNow; readonly printer: Printer }) {
  const [forget, { error }] = homeApi.useForgetDeviceMutation();
  if (now.network === null && now.devices.length === 0) return null;
  return (
    <Panel>
      <PanelTitle>{now.devices.length === 0 ? T.none : T.devices}</PanelTitle>
      {error && <Problem>{problemOf(error).message}</Problem>}
      {now.devices.length === 0 ? (
        <Soft>{T.noneSays}</Soft>
      ) : (
        <ul aria-label={T.devices}>
          {now.devices.map((device) => (
            <Device key={device.id} device={device} printer={printer} onForget={() => void forget(device.id)} />
          ))}
        </ul>
      )}
    </Panel>
  );
}

interface DeviceProps {
  readonly device: PairedDevice;
  readonly printer: Printer;
  readonly onForget: () => void;
}

function Device({ device: { name, how, pairedAt, seenAt, isThis }, printer, onForget }: DeviceProps) {
  const when = (at: string) => `${printer.date(Date.parse(at))} ${printer.clock(Date.parse(at))}`;
  return (
    <Row as="li">
      <div>
        <b>{name}</b> {isThis && <Soft as="span">{T.isThis}</Soft>}
        <Soft>{T.cameHow(how, when(pairedAt), when(seenAt))}</Soft>
      </div>
      <Button aria-label={T.forgetNamed(name)} onPress={onForget}>
        {T.forget}
      </Button>
    </Row>
  );
}

function AbilityList() {
  const [can, setCan] = useState<Abilities | null>(null);
  useEffect(() => void abilitiesHere().then(setCan), []);
  return (
    <Panel>
      <PanelTitle>{T.canTitle}</PanelTitle>
      {can && (
        <ul>
          <Row as="li">{can.opensAlone ? T.canAlone : T.cannotAlone}</Row>
          <Row as="li">{can.staysAwake ? T.canAwake : T.cannotAwake}</Row>
        </ul>
      )}
    </Panel>
  );
}
