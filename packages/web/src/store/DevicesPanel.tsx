import { STORE as T } from '#text/store/storePhrases';
import { useState } from 'react';
import { problemOf } from '../data/api/api';
import { deviceApi } from '../data/api/deviceApi';
import { Button } from '../ui/controls/button/Button';
import { NameField } from '../ui/controls/field/NameField';
import { Panel, PanelTitle, Problem, Row, Soft } from '../ui/layout/Panel';

/** A name as an id of a device: letters, digits, hyphens. */
function idOf(name: string): string {
  const plain = name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 34);
  return plain.length >= 2 ? plain : 'scale';
}

/** Scales that send their readings here: added with a token that is shown once. */
export function DevicesPanel() {
  const { data: devices = [] } = deviceApi.useDevicesQuery();
  const [add, adding] = deviceApi.useAddDeviceMutation();
  const [remove] = deviceApi.useRemoveDeviceMutation();
  const [name, setName] = useState(T.scaleOnTheBench);
  const problem = adding.error ? problemOf(adding.error).message : null;
  return (
    <Panel>
      <PanelTitle>{T.scales}</PanelTitle>
      {devices.map((device) => (
        <Row key={device.id}>
          <span>
            {device.name}
            {device.clockBehindS > 0 && <Soft> {T.clockBehind(device.clockBehindS)}</Soft>}
          </span>
          {device.id.startsWith('simulated-') ? (
            <Soft as="span">{T.toTryItOut}</Soft>
          ) : (
            <Button $look="quiet" aria-label={T.remove(device.name)} onPress={() => void remove(device.id)}>
              {T.removeIt}
            </Button>
          )}
        </Row>
      ))}
      <NameField label={T.nameOfAScale} value={name} onChange={setName} />
      <Button onPress={() => void add({ id: idOf(name), kind: 'scale', name })}>{T.addThisScale}</Button>
      {problem && <Problem>{problem}</Problem>}
      {adding.data && (
        <Soft role="status" style={{ overflowWrap: 'anywhere' }}>
          {T.itsIdIsItsToken(adding.data.id, adding.data.token)}
        </Soft>
      )}
      <Soft>{T.itPostsLinesOfText}</Soft>
    </Panel>
  );
}
