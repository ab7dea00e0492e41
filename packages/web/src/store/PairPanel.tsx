import type { HomeNetwork, PairedDevice } from '@ember-fold/core/files';
import { useEffect, useState } from 'react';
import { styled } from 'styled-components';
import { problemOf } from '../data/api/api';
import { homeApi } from '../data/api/homeApi';
import { serverNowMs } from '../data/live/serverClock';
import { HOME as T } from '#text/store/homePhrases';
import type { Printer } from '../text/printer';
import { Button } from '../ui/controls/button/Button';
import { Panel, PanelTitle, Problem, Soft } from '../ui/layout/Panel';
import { QrPicture } from '../ui/drawing/QrPicture';
import { figureFont } from '../ui/theme';

const Code = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  margin: 12px 0;
  > * {
    flex: 1 1 220px;
    min-width: 0;
  }
`;

const Digits = styled.p`
  ${figureFont}
  font-size: 44px;
  letter-spacing: 0.12em;
`;

const Fingerprint = styled.code`
  display: block;
  margin: 6px 0;
  font-size: 13px;
  overflow-wrap: anywhere;
`;

interface PairPanelProps {
  readonly network: HomeNetwork;
  readonly devices: readonly PairedDevice[];
  readonly printer: Printer;
}

/** Seconds left until a moment of the server's clock; 0: over. */
function useLeft(endsAt: string | undefined): number {
  const [nowMs, setNowMs] = useState(serverNowMs);
  useEffect(() => {
    if (!endsAt) return;
    const timer = setInterval(() => setNowMs(serverNowMs()), 500);
    return () => clearInterval(timer);
  }, [endsAt]);
  return endsAt ? Math.max(0, Math.ceil((Date.parse(endsAt) - nowMs) / 1000)) : 0;
}

/** A code for one more device: as a picture for its camera and as digits to type. */
export function PairPanel({ network, devices, printer }: PairPanelProps) {
  const [pair, { data: pairing, error, isLoading }] = homeApi.usePairMutation();
  const [before, setBefore] = useState<ReadonlySet<string> | null>(null);
  const left = useLeft(pairing?.endsAt);
  const came = before && devices.find(({ id }) => !before.has(id));
  const isOpen = pairing !== undefined && left > 0 && !came;
  const show = () => {
    setBefore(new Set(devices.map(({ id }) => id)));
    void pair();
  };
  return (
    <Panel>
      <PanelTitle>{T.pairTitle}</PanelTitle>
      <Soft>{T.pairSays}</Soft>
      {isOpen && (
        <Code>
          <div>
            <QrPicture text={pairing.link} label={T.picture} />
          </div>
          <div>
            <p>{T.point}</p>
            <p style={{ marginTop: 10 }}>{T.orOpen}</p>
            <ul>
              {network.addresses.map((address) => (
                <li key={address}>
                  <code>{address}</code>
                </li>
              ))}
            </ul>
            <Digits aria-label={`${T.digits}: ${[...pairing.digits].join(' ')}`} role="img">
              {`${pairing.digits.slice(0, 3)} ${pairing.digits.slice(3)}`}
            </Digits>
            <Soft>{T.lives(printer.soon(left))}</Soft>
          </div>
        </Code>
      )}
      <p role="status" style={{ minHeight: 24 }}>
        {came ? T.cameIn(came.name) : pairing && !isOpen ? T.over : ''}
      </p>
      {error && <Problem>{problemOf(error).message}</Problem>}
      <Button $look="primary" isDisabled={isLoading} onPress={show}>
        {pairing ? T.pairAgain : T.pair}
      </Button>
      <p style={{ marginTop: 14 }}>{T.warns}</p>
      <Fingerprint>{network.fingerprint}</Fingerprint>
      <a href="/api/home/certificate" download="ember-fold.crt">
        {T.certificate}
      </a>
      <Soft>{T.certificateSays}</Soft>
    </Panel>
  );
}
