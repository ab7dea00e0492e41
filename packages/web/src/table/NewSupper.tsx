import { UsersRound } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, problemOf } from '../data/api/api';
import { nextSupper } from '../data/draft/nextSupper';
import { useKitchen } from '../data/draft/useLine';
import { SUPPER as S } from '#text/table/supperPhrases';
import { Button } from '../ui/controls/button/Button';
import { Problem } from '../ui/layout/Panel';

/** A supper with those who usually eat here, opened at once. */
export function NewSupper() {
  const navigate = useNavigate();
  const known = useKitchen();
  const [make, making] = api.useMakeSupperMutation();
  // One id for one page: pressing again after a lost answer makes one supper.
  const [id] = useState(() => crypto.randomUUID());
  const [servingId] = useState(() => crypto.randomUUID());
  const [at] = useState(nextSupper);
  if (!known) return null;
  const begin = async () => {
    const supper = { name: S.supper, servings: [{ id: servingId, at }], each: 5, guests: known.kitchen.guests ?? [] };
    const made = await make({ id, supper });
    if ('data' in made && made.data) await navigate(`/table/${id}`);
  };
  return (
    <>
      {making.error && <Problem>{problemOf(making.error).message}</Problem>}
      <Button isDisabled={making.isLoading} onPress={() => void begin()}>
        <UsersRound size={18} aria-hidden />
        {S.newSupper}
      </Button>
    </>
  );
}
