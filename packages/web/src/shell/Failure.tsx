import { Link, useRouteError } from 'react-router';
import { styled } from 'styled-components';
import { Button } from '../ui/controls/Button';
import { Panel, Problem, Soft } from '../ui/controls/Panel';

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
  const text = error instanceof Error ? error.message : String(error);
  return (
    <Middle>
      <h1>This page stopped</h1>
      <Problem>{text}</Problem>
      <Soft>What was typed is kept in this browser and on the server. Opening the page again picks it up.</Soft>
      <Button $look="primary" onPress={() => window.location.reload()}>
        Open again
      </Button>
      <Link to="/bench">To the bench</Link>
    </Middle>
  );
}

export function NotFound() {
  return (
    <Middle>
      <h1>Nothing at this address</h1>
      <Link to="/bench">To the bench</Link>
    </Middle>
  );
}
