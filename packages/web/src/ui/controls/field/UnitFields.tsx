import { SHARED as T } from '#text/shared/sharedPhrases';
import { plain, type Printer, readWhole } from '../../../text/printer';
import { usePrinter } from '../../printing';
import { FigureField } from './FigureField';

/** What every field of a physical figure is given; `value` and limits are SI. */
export interface UnitFieldProps {
  readonly label: string;
  readonly hideLabel?: boolean;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly onChange: (value: number) => void;
  readonly width?: number;
}

/** Grams beside the field; of ounces the text has its own unit. */
const unitOf = ({ massUnit }: Printer) => (massUnit === 'g' ? { unit: 'g' } : {});

/** Inches and ounces are longer than grams, CSS pixels. */
const WIDE = 118;

/** A mass on the scale, for what is weighed in every kitchen: portions, pans. */
export function GramField({ printer, ...props }: UnitFieldProps & { readonly printer: Printer }) {
  const isUs = printer.system === 'us';
  return (
    <FigureField
      {...props}
      print={isUs ? printer.mass : printer.bareMass}
      read={(text) => printer.readMass(text, 1000)}
      {...unitOf(printer)}
      expected={isUs ? T.expects.ounces : T.expects.grams}
      {...(isUs && props.width === undefined ? { width: WIDE } : {})}
    />
  );
}
/** A length: millimetres, or inches in fractions. */
export function LengthField(props: UnitFieldProps) {
  const printer = usePrinter();
  const isUs = printer.system === 'us';
  return (
    <FigureField
      {...props}
      print={(m) => (isUs ? printer.length(m) : plain(m * 1000))}
      read={printer.readLength}
      {...(isUs ? {} : { unit: T.mm })}
      expected={isUs ? T.expects.inches : T.expects.millimetres}
      {...(isUs && props.width === undefined ? { width: WIDE } : {})}
    />
  );
}

export function CountField({ unit, ...props }: UnitFieldProps & { readonly unit?: string }) {
  return (
    <FigureField {...props} print={String} read={readWhole} expected={T.expects.number} {...(unit ? { unit } : {})} />
  );
}
