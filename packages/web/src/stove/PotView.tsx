import { STOVE_ROOM as T } from '#text/stove/stovePhrases';
import { crustName, type Piece, type TrayMark } from '@ember-fold/core/plan';
import type { StovePiece, PiecePrediction } from '@ember-fold/core/stove';
import { ToggleButton } from 'react-aria-components';
import { styled } from 'styled-components';
import { figureFont, PHONE } from '../ui/theme';
import { crustColour } from '../ui/drawing/crust';
import { type FoldLook, ShapeDrawing } from '../ui/drawing/ShapeDrawing';
import type { Printer } from '../text/printer';
import { CRUST_WORD } from '#text/shared/words';

const Round = styled.div`
  position: relative;
  width: min(100%, 372px);
  aspect-ratio: 1;
  margin: 0 auto;
  @media (max-height: 860px) and (min-width: 1121px) {
    width: min(100%, 316px);
  }
  ${PHONE} {
    width: min(100%, 244px);
  }
  border-radius: 50%;
  border: 14px solid #2b2724;
  background: radial-gradient(circle at 50% 46%, #7a4f14, #5a390e 72%, #3d270b);
`;

const Spot = styled(ToggleButton)`
  ${figureFont}
  position: absolute;
  width: 34%;
  min-width: 64px;
  min-height: 64px;
  padding: 0;
  border: 2px solid transparent;
  border-radius: 12px;
  color: #fff;
  background: none;
  cursor: pointer;
  translate: -50% -50%;
  &[data-selected] {
    border-color: ${({ theme }) => theme.hand};
    background: rgb(240 162 75 / 18%);
  }
  svg {
    display: block;
    width: 100%;
  }
  i {
    position: absolute;
    left: 50%;
    top: 46%;
    translate: -50% -50%;
    width: 40px;
    height: 40px;
    border-radius: 50%;
  }
  b {
    position: absolute;
    left: 50%;
    top: 46%;
    translate: -50% -50%;
    display: grid;
    place-items: center;
    width: 32px;
    height: 32px;
    border-radius: 50%;
    font-size: 17px;
    background: rgb(20 16 13 / 82%);
  }
  span {
    display: block;
    margin-top: -4px;
    font-size: 15px;
    text-shadow: 0 1px 3px #000;
  }
  ${PHONE} {
    i {
      top: 40%;
      width: 30px;
      height: 30px;
    }
    b {
      top: 40%;
      width: 24px;
      height: 24px;
      font-size: 14px;
    }
    span {
      font-size: 13px;
    }
  }
`;

/** Both faces as they are: the upper half is the face that is up. */
const Faces = styled.em<{ $up: string; $down: string }>`
  position: absolute;
  right: 4px;
  top: 4px;
  width: 20px;
  height: 20px;
  border: 2px solid #14100d;
  border-radius: 50%;
  background: ${({ $up, $down }) => `linear-gradient(${$up} 50%, ${$down} 50%)`};
`;

/** Where more pieces may go. */
const Room = styled.div`
  ${figureFont}
  position: absolute;
  display: grid;
  place-items: center;
  width: 25%;
  aspect-ratio: 1.5;
  border: 2px dashed rgb(255 236 205 / 70%);
  border-radius: 50% 50% 12% 12%;
  font-size: 15px;
  color: #ffeccd;
  text-align: center;
  translate: -50% -50%;
`;

/** A piece as it is drawn; `mark` of its tray, where the batch has several. */
export interface PieceLook {
  readonly shape: Piece;
  readonly fold: FoldLook;
  readonly mark: TrayMark | undefined;
}

interface PotViewProps {
  /** Where each piece of the session has its place. */
  readonly places: ReadonlyMap<number, number>;
  readonly inPot: readonly StovePiece[];
  readonly loadSize: number;
  /** How many more the pot takes. */
  readonly room: number;
  readonly predictions: readonly PiecePrediction[];
  /** How a piece looks, by its number; `null`: it is not drawn. */
  readonly looks: (number: number) => PieceLook | null;
  readonly nowS: number;
  readonly selected: ReadonlySet<number>;
  readonly onSelect: (number: number) => void;
  readonly printer: Printer;
}

/** Places on rings that do not hide one another: up to six around, the rest within. */
function placeOf(index: number, count: number): { left: string; top: string } {
  if (count === 1) return { left: '50%', top: '50%' };
  const outer = Math.min(count, 8);
  const inner = index >= outer;
  const of = inner ? count - outer : outer;
  const i = inner ? index - outer : index;
  const radius = inner ? (of === 1 ? 0 : 13) : count <= 2 ? 20 : 31;
  const angle = (2 * Math.PI * i) / of - Math.PI / 2 + (of === 2 ? Math.PI / 2 : 0);
  return { left: `${50 + radius * Math.cos(angle)}%`, top: `${50 + radius * Math.sin(angle)}%` };
}

/** How far a piece is on its way from the drop to its taking out. */
function ringOf(piece: StovePiece, prediction: PiecePrediction | undefined, nowS: number): string {
  const takeOutAtS = prediction?.takeOutAtS ?? null;
  const share = takeOutAtS === null ? 0 : (nowS - piece.droppedS) / Math.max(1, takeOutAtS - piece.droppedS);
  const turn = `${Math.min(1, Math.max(0, share)).toFixed(3)}turn`;
  return `conic-gradient(#F0A24B ${turn}, #14100D ${turn})`;
}

/** The pot from above: every piece in the colour its upper face should have by now. */
export function PotView({
  places,
  inPot,
  loadSize,
  room,
  predictions,
  looks,
  nowS,
  selected,
  onSelect,
  printer,
}: PotViewProps) {
  const taken = inPot.map((piece) => places.get(piece.number) ?? 0);
  const count = Math.max(loadSize, ...taken.map((place) => place + 1));
  const free = Array.from({ length: count + 1 }, (_, i) => i).find((place) => !taken.includes(place))!;
  return (
    <Round role="group" aria-label={T.piecesInThePot}>
      {inPot.map((piece) => {
        const prediction = predictions.find((p) => p.number === piece.number);
        const colour = prediction?.colours[1] ?? 0;
        const down = prediction?.colours[0] ?? 0;
        const age = printer.time(nowS - piece.droppedS);
        const look = looks(piece.number);
        const w = (look?.shape.widthM ?? 0) * 1000;
        const d = (look?.shape.depthM ?? 0) * 1000;
        return (
          <Spot
            key={piece.number}
            style={placeOf(places.get(piece.number) ?? 0, count)}
            isSelected={selected.has(piece.number)}
            onChange={() => onSelect(piece.number)}
            aria-label={T.pieceInTheOilUp(
              look?.mark ? T.ofTray(piece.number, look.mark) : String(piece.number),
              age,
              CRUST_WORD[crustName(colour)],
              CRUST_WORD[crustName(down)],
            )}
          >
            <svg viewBox={`${-w * 0.52} ${-d * 1.06} ${w * 1.04} ${d * 1.2}`} aria-hidden>
              {look && <ShapeDrawing piece={look.shape} fold={look.fold} colour={crustColour(colour)} />}
            </svg>
            <i aria-hidden style={{ background: ringOf(piece, prediction, nowS) }} />
            <b>{`${piece.number}${look?.mark ?? ''}`}</b>
            <span>{age}</span>
            <Faces aria-hidden $up={crustColour(colour)} $down={crustColour(down)} />
          </Spot>
        );
      })}
      {room > 0 && inPot.length > 0 && <Room style={placeOf(free, count)}>{T.roomFor(room)}</Room>}
    </Round>
  );
}
