import { type ShapeId, shapeOf, SHAPES } from '@ember-fold/core/plan';
import { Label, Radio, RadioGroup } from 'react-aria-components';
import { styled } from 'styled-components';
import { SHAPE_WORDS } from '#text/shared/shapeWords';
import { ShapePicture } from '../../drawing/ShapePicture';
import { useShapePieces } from '../../drawing/useShapePieces';
import { figureFont, PHONE } from '../../theme';

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

interface ShapeTilesProps {
  readonly label: string;
  readonly value: ShapeId;
  readonly onChange: (shape: ShapeId) => void;
}

/** The shape of the piece, chosen from drawings: all to one scale, one line each. */
export function ShapeTiles({ label, value, onChange }: ShapeTilesProps) {
  const pieces = useShapePieces();
  // The longest piece decides the scale of all.
  // A bread is as wide as two of the others: it has a scale of its own.
  const wideMm = pieces.reduce(
    (most, { id, shape }) => (shapeOf(id).puffs ? most : Math.max(most, shape.widthM * 1000, shape.depthM * 1410)),
    1,
  );
  return (
    <Group value={value} onChange={(next) => onChange(next as ShapeId)}>
      <Label>{label}</Label>
      <Tiles>
        {SHAPES.map(({ id: shape }) => {
          const found = pieces.find(({ id }) => id === shape);
          return (
            <Tile key={shape} value={shape}>
              {found ? (
                <ShapePicture
                  piece={found.shape}
                  fold={found.fold}
                  crust={0.9}
                  {...(!shapeOf(shape).puffs && { wideMm })}
                />
              ) : (
                <svg aria-hidden />
              )}
              <strong>{SHAPE_WORDS[shape].name}</strong>
              <small>{SHAPE_WORDS[shape].line}</small>
            </Tile>
          );
        })}
      </Tiles>
    </Group>
  );
}
