import { LATER } from '#text/shared/laterPhrases';
import type { ScaleAct } from '@ember-fold/core/ledger';
import { portionByHand } from '@ember-fold/core/stove';
import { Scale } from 'lucide-react';
import { useRef } from 'react';
import { styled } from 'styled-components';
import { deviceApi } from '../../../data/api/deviceApi';
import { figureFont } from '../../theme';
import { useKept } from '../../../data/offline/useKept';
import { useScale } from '../../../data/live/useScale';
import type { Printer } from '../../../text/printer';
import { Button } from '../button/Button';
import { Soft } from '../../layout/Panel';
import { Pick } from '../choice/Pick';

const Face = styled.div`
  display: grid;
  gap: 8px;
  margin: 8px 0;
  padding: 10px 14px;
  border-radius: 10px;
  background: ${({ theme }) => theme.well};
  > div {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 4px 12px;
  }
  strong {
    ${figureFont}
    font-size: 27px;
    min-width: 110px;
  }
`;

interface LiveScaleProps {
  readonly printer: Printer;
  /** A weight was taken, kg. Absent: it is only shown. */
  readonly onTake?: (kg: number) => void;
  /** What one portion should weigh, for trying it out, kg. */
  readonly wantedKg: number;
}

const SIMULATED = 'simulated-scale';
const isId = (value: unknown): value is string => typeof value === 'string' && value !== '';

/** What a scale shows just now, and a way to take it. Off until it is asked for. */
export function LiveScale({ printer, onTake, wantedKg }: LiveScaleProps) {
  const [id, setId] = useKept('scale', isId);
  const { data: devices = [] } = deviceApi.useDevicesQuery();
  const scales = devices.filter((device) => device.kind === 'scale');
  const { figure, silent } = useScale(id);
  const [act] = deviceApi.useScaleActMutation();
  const tries = useRef(0);
  if (id === null) {
    return (
      <Button $look="quiet" style={{ padding: 0 }} onPress={() => setId(SIMULATED)}>
        <Scale size={16} aria-hidden />
        {LATER.readFromAScale}
      </Button>
    );
  }
  const key = (body: ScaleAct) => void act(body);
  const putOn = () => {
    tries.current += 1;
    key({
      do: 'load',
      loadKg: (figure?.tareKg ?? 0) + portionByHand(Math.min(4, wantedKg), Date.now() + tries.current),
    });
  };
  const taken = figure !== null && figure.isSteady && figure.value > 0 && !silent;
  return (
    <Face role="group" aria-label={LATER.scale}>
      {scales.length > 1 && (
        <Pick<string>
          label={LATER.scale}
          value={id}
          options={Object.fromEntries(scales.map((scale) => [scale.id, scale.name]))}
          onChange={setId}
        />
      )}
      <div>
        <strong data-scale>{figure && !silent ? printer.mass(figure.value) : '–'}</strong>
        <Soft as="span">
          {silent
            ? LATER.noReadingIsItOn
            : figure === null
              ? LATER.waitingForAReading
              : `${figure.isSteady ? LATER.steady : LATER.settling}${figure.tareKg > 0 ? LATER.tared(printer.mass(figure.tareKg)) : ''}`}
        </Soft>
      </div>
      <div>
        {onTake && (
          <Button
            $look="primary"
            isDisabled={!taken}
            onPress={() => {
              onTake(figure!.value);
              if (id === SIMULATED) key({ do: 'load', loadKg: figure!.tareKg });
            }}
          >
            {taken ? LATER.weighed(printer.mass(figure.value)) : LATER.weighedTitle}
          </Button>
        )}
        {id === SIMULATED && (
          <>
            <Button onPress={putOn}>{LATER.putOneOn}</Button>
            <Button onPress={() => key({ do: 'tare' })}>{LATER.tare}</Button>
            <Button onPress={() => key({ do: 'load', loadKg: 0 })}>{LATER.clearIt}</Button>
          </>
        )}
        <Button $look="quiet" onPress={() => setId(null)}>
          {LATER.withoutAScale}
        </Button>
      </div>
      {id === SIMULATED && <Soft>{LATER.aSimulatedScaleToTry}</Soft>}
    </Face>
  );
}
