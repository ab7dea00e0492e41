import { SHELL as T } from '#text/shell/shellPhrases';
import { Link, useLocation, useRouteError } from 'react-router';
import { canTakeBack, takeBack } from '../data/draft/takeBack';
import { styled } from 'styled-components';
import { Button } from '../ui/controls/button/Button';
import { Panel, Problem, Soft } from '../ui/layout/Panel';

const Middle = styled(Panel)`
  max-width: 560px;
  margin: 48px auto;
  display: grid;
  gap: 12px;
  justify-items: start;
`;

/** A room that broke; the rest of the app goes on. */
export function Failure() {
  const error = useRouteError();
  const { pathname } = useLocation();
  const text = error instanceof Error ? error.message : String(error);
  return (
    <Middle>
      <h1>{T.thisPageStopped}</h1>
      <Problem>{text}</Problem>
      <Soft>
        {T.whatWasTypedIsKept} {canTakeBack(pathname) && T.orTakeBack}
      </Soft>
      {canTakeBack(pathname) && (
        <Button
          $look="primary"
          onPress={() => {
            takeBack(pathname);
            window.location.reload();
          }}
        >
          {T.takeBackLast}
        </Button>
      )}
      <Button onPress={() => window.location.reload()}>{T.openAgain}</Button>
      <Link to="/bench">{T.toTheBench}</Link>
    </Middle>
  );
}

export function NotFound() {
  const { pathname } = useLocation();
  return (
    <Middle>
      <h1>{T.nothingAtThisAddress}</h1>
      <Soft>{T.youLookedFor(pathname)}</Soft>
      <Link to="/bench">{T.toTheBench}</Link>
    </Middle>
  );
}
