import { SHARED as T } from '../../text/sharedPhrases';
import { parseDurationS, parseNumber, printDuration, printGrams } from '@ember-fold/core';
import { plain, type Printer, readMl, readMm, readWhole } from '../../text/printer';
import { FigureField } from './FigureField';

/** What every field of a physical figure is given; `value` and limits are SI. */
interface UnitFieldProps {
  readonly label: string;
  readonly hideLabel?: boolean;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly onChange: (value: number) => void;
  readonly width?: number;
}

/** A mass in grams, for what is weighed in every kitchen: portions, pans. */
export function GramField({ printer, ...props }: UnitFieldProps & { readonly printer: Printer }) {
  return (
    <FigureField
      {...props}
      print={printGrams}
      read={(text) => printer.readMass(text, 1000)}
      unit="g"
      expected={T.expects.grams}
    />
  );
}

/** A mass of one ingredient, in the cook's own system. */
export function MeasureField({
  printer,
  densityKgPerM3,
  ...props
}: UnitFieldProps & { readonly printer: Printer; readonly densityKgPerM3: number }) {
  const cups = printer.units === 'cups';
  return (
    <FigureField
      {...props}
      print={(kg) => (cups ? printer.measure(kg, densityKgPerM3) : printGrams(kg))}
      read={(text) => printer.readMass(text, densityKgPerM3)}
      {...(cups ? {} : { unit: 'g' })}
      expected={T.expects.measure}
      width={props.width ?? 116}
    />
  );
}

export function MmField(props: UnitFieldProps) {
  return (
    <FigureField {...props} print={(m) => plain(m * 1000)} read={readMm} unit={T.mm} expected={T.expects.millimetres} />
  );
}

/** Oil or another liquid, in millilitres. */
export function MlField(props: UnitFieldProps) {
  return (
    <FigureField
      {...props}
      print={(m3) => String(Math.round(m3 * 1e6))}
      read={readMl}
      unit={T.ml}
      expected={T.expects.millilitres}
    />
  );
}

/** A vessel, in litres. */
export function LitreField(props: UnitFieldProps) {
  return (
    <FigureField
      {...props}
      print={(m3) => plain(m3 * 1000, 2)}
      // A bare figure is litres here; with a unit it is what it says.
      read={(text) => readMl(/[a-z]/i.test(text) ? text : `${text} l`)}
      unit="l"
      expected={T.expects.litres}
    />
  );
}

export function TempField({ printer, ...props }: (UnitFieldProps | OptionalProps) & { readonly printer: Printer }) {
  return (
    <FigureField
      {...props}
      print={(c) => String(Math.round(printer.degrees(c)))}
      read={printer.readTemp}
      unit={`°${printer.temperature}`}
      expected={T.expects.temperature}
    />
  );
}

export function PercentField(props: UnitFieldProps | OptionalProps) {
  return (
    <FigureField
      {...props}
      print={(share) => plain(share * 100)}
      read={(text) => {
        const value = parseNumber(text.replace('%', ''));
        return value === null ? null : value / 100;
      }}
      unit="%"
      expected={T.expects.percent}
    />
  );
}

export function CountField({ unit, ...props }: UnitFieldProps & { readonly unit?: string }) {
  return (
    <FigureField {...props} print={String} read={readWhole} expected={T.expects.number} {...(unit ? { unit } : {})} />
  );
}

interface OptionalProps extends Omit<UnitFieldProps, 'value'> {
  /** `null`: as computed. */
  readonly value: number | null;
  readonly whenNull: string;
  readonly onClear: () => void;
}

/** Minutes and seconds; emptied, the computed time counts again. */
export function MinutesField(props: OptionalProps) {
  return <FigureField {...props} print={printDuration} read={parseDurationS} expected={T.expects.minutes} />;
}

/** A whole number; emptied, the computed one counts again. */
export function OptionalCountField(props: OptionalProps) {
  return <FigureField {...props} print={String} read={readWhole} expected={T.expects.lot} />;
}
