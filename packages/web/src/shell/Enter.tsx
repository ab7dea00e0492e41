import type { HomeEntry } from '@ember-fold/core/files';
import { type FormEvent, useState } from 'react';
import { styled } from 'styled-components';
import { problemOf } from '../data/api/api';
import { homeApi } from '../data/api/homeApi';
import { useOutgoing } from '../data/offline/outbox';
import { HOME as T } from '#text/store/homePhrases';
import { Button } from '../ui/controls/button/Button';
import { NameField } from '../ui/controls/field/NameField';
import { Page, PageTitle } from '../ui/layout/Page';
import { Panel, Problem, Soft } from '../ui/layout/Panel';
import { SecretField } from '../ui/controls/field/SecretField';
import { DigitsField } from '../ui/controls/field/DigitsField';

const Middle = styled(Panel)`
  width: min(520px, 100%);
  margin: 24px auto;
  form {
    display: grid;
    gap: 14px;
    margin-top: 14px;
  }
`;

/** What kind of device this is, by what its browser tells of it. */
function usualName(): string {
  const { userAgent } = navigator;
  if (/iPad|Tablet|Android(?!.*Mobile)/.test(userAgent)) return T.usual.tablet;
  return /Mobi|iPhone|Android/.test(userAgent) ? T.usual.phone : T.usual.computer;
}

/** The secret of the picture stands behind the address, where no server sees it. */
const secretHere = (): string | null => /^#([\w-]{24})$/.exec(window.location.hash)?.[1] ?? null;

/** A device the kitchen does not know: it comes in by the picture, the digits, or the passphrase. */
export function Enter() {
  const [enter, { error, isLoading, isSuccess }] = homeApi.useEnterMutation();
  const [name, setName] = useState(usualName);
  const [secret, setSecret] = useState(secretHere);
  const [digits, setDigits] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const [byPassphrase, setByPassphrase] = useState(false);
  const waits = useOutgoing().length > 0;
  const entry: HomeEntry = secret ? { name, secret } : byPassphrase ? { name, passphrase } : { name, digits };
  const isWhole = secret !== null || (byPassphrase ? passphrase !== '' : /^\d{6}$/.test(digits));
  const go = async (event: FormEvent) => {
    event.preventDefault();
    const answer = await enter(entry);
    // A code counts once: after it was refused, the digits or the passphrase are left.
    if ('error' in answer) setSecret(null);
    else window.location.replace('/table');
  };
  return (
    <Page>
      <PageTitle of={[T.enterTitle]} />
      <Middle>
        <h1>{T.enterTitle}</h1>
        <Soft>{secret ? T.withCode : T.enterSays}</Soft>
        {waits && <Soft>{T.waits}</Soft>}
        <form onSubmit={(event) => void go(event)}>
          <NameField label={T.name} value={name} onChange={setName} />
          {secret === null &&
            (byPassphrase ? (
              <SecretField label={T.passphrase} value={passphrase} onChange={setPassphrase} />
            ) : (
              <DigitsField label={T.digits} value={digits} onChange={setDigits} />
            ))}
          {error && <Problem>{problemOf(error).message}</Problem>}
          <Button type="submit" $look="primary" isDisabled={!isWhole || isLoading || isSuccess}>
            {isLoading || isSuccess ? T.entering : T.enter}
          </Button>
          {secret === null && (
            <Button $look="quiet" onPress={() => setByPassphrase(!byPassphrase)}>
              {byPassphrase ? T.byDigits : T.byPassphrase}
            </Button>
          )}
        </form>
      </Middle>
    </Page>
  );
}
