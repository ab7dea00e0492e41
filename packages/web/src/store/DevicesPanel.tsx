import { useState } from 'react';
import { problemOf } from '../data/api';
import { deviceApi } from '../data/deviceApi';
import { Button } from '../ui/controls/Button';
import { NameField } from '../ui/controls/NameField';
import { Panel, PanelTitle, Problem, Row, Soft } from '../ui/controls/Panel';

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
  const [name, setName] = useState('Scale on the bench');
  const problem = adding.error ? problemOf(adding.error).message : null;
  return (
    <Panel>
      <PanelTitle>Scales</PanelTitle>
      {devices.map((device) => (
        <Row key={device.id}>
          <span>{device.name}</span>
          {device.id.startsWith('simulated-') ? (
            <Soft as="span">to try it out</Soft>
          ) : (
            <Button $look="quiet" aria-label={`Remove ${device.name}`} onPress={() => void remove(device.id)}>
              Remove
            </Button>
          )}
        </Row>
      ))}
      <NameField label="Name of a scale" value={name} onChange={setName} />
      <Button onPress={() => void add({ id: idOf(name), kind: 'scale', name })}>Add this scale</Button>
      {problem && <Problem>{problem}</Problem>}
      {adding.data && (
        <Soft role="status" style={{ overflowWrap: 'anywhere' }}>
          {`Its id is ${adding.data.id}, its token ${adding.data.token}. The token is shown this once.`}
        </Soft>
      )}
      <Soft>It posts lines of text to this server; docs/formats/devices.md says how.</Soft>
    </Panel>
  );
}
