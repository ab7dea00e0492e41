import type { FormId } from '@ember-fold/core';
import { Label, Radio, RadioGroup } from 'react-aria-components';
import { styled } from 'styled-components';
import { FORM_LINE, FORM_NAME } from '../../text/formWords';
import { FormPicture } from '../drawing/FormPicture';
import { useFormPieces } from '../drawing/useFormPieces';
import { figureFont, PHONE } from '../theme';

const Group = styled(RadioGroup)`
  display: grid;
  gap: 6px;
  > span:first-child {
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
`;

const Tiles = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(148px, 45%), 1fr));
  gap: 6px;
  ${PHONE} {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
`;

const Tile = styled(Radio)`
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 2px;
  padding: 8px 8px 9px;
  border: 2px solid transparent;
  border-radius: 10px;
  text-align: center;
  background: ${({ theme }) => theme.well};
  cursor: pointer;
  strong {
    ${figureFont}
    font-size: 15px;
    line-height: 1.2;
  }
  small {
    font-size: 12.5px;
    line-height: 1.3;
    color: ${({ theme }) => theme.soft};
  }
  svg {
    width: 84px;
    height: 54px;
  }
  &[data-selected] {
    border-color: ${({ theme }) => theme.accent};
    background: ${({ theme }) => theme.panel};
  }
  &[data-focus-visible] {
    outline: 2px solid ${({ theme }) => theme.accent};
    outline-offset: 1px;
  }
`;

interface FormTilesProps {
  readonly label: string;
  readonly value: FormId;
  readonly onChange: (form: FormId) => void;
}

/** The form of the piece, chosen from drawings: all to one scale, one line each. */
export function FormTiles({ label, value, onChange }: FormTilesProps) {
  const pieces = useFormPieces();
  // The longest piece decides the scale of all.
  // A bread is as wide as two of the others: it has a scale of its own.
  const wideMm = pieces.reduce(
    (most, { id, shape }) => (id === 'puffed-bread' ? most : Math.max(most, shape.widthM * 1000, shape.depthM * 1410)),
    1,
  );
  return (
    <Group value={value} onChange={(next) => onChange(next as FormId)}>
      <Label>{label}</Label>
      <Tiles>
        {(Object.keys(FORM_NAME) as FormId[]).map((form) => {
          const found = pieces.find(({ id }) => id === form);
          return (
            <Tile key={form} value={form}>
              {found ? (
                <FormPicture
                  piece={found.shape}
                  fold={found.fold}
                  crust={0.9}
                  {...(form !== 'puffed-bread' && { wideMm })}
                />
              ) : (
                <svg aria-hidden />
              )}
              <strong>{FORM_NAME[form]}</strong>
              <small>{FORM_LINE[form]}</small>
            </Tile>
          );
        })}
      </Tiles>
    </Group>
  );
}
