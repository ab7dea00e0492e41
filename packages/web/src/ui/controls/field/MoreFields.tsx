import { LATER } from '#text/shared/laterPhrases';
import { SHARED as T } from '#text/shared/sharedPhrases';
import { parseDurationS, parseNumber, printDuration } from '@ember-fold/core/plan';
import { plain, type Printer, readWhole } from '../../../text/printer';
import { usePrinter } from '../../printing';
import { FigureField } from './FigureField';
import type { UnitFieldProps } from './UnitFields';

/** Quarts and cups are longer than millilitres, CSS pixels. */
const WIDER = 150;

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
      print={(kg) => (cups ? printer.measure(kg, densityKgPerM3) : printer.bareMass(kg))}
      read={(text) => printer.readMass(text, densityKgPerM3)}
      {...(cups ? {} : { unit: 'g' })}
      expected={printer.system === 'us' ? T.expects.measureUs : T.expects.measure}
      width={props.width ?? 116}
    />
  );
}

/** Oil or another liquid: millilitres, or quarts and cups. */
export function VolumeField(props: UnitFieldProps) {
  const printer = usePrinter();
  const isUs = printer.system === 'us';
  return (
    <FigureField
      {...props}
      print={(m3) => (isUs ? printer.volume(m3) : String(Math.round(m3 * 1e6)))}
      read={printer.readVolume}
      {...(isUs ? {} : { unit: LATER.ml })}
      expected={isUs ? T.expects.quarts : T.expects.millilitres}
      {...(isUs && props.width === undefined ? { width: WIDER } : {})}
    />
  );
}

/** A vessel: litres, or quarts. */
export function LitreField(props: UnitFieldProps) {
  const printer = usePrinter();
  if (printer.system === 'us') return <VolumeField {...props} />;
  return (
    <FigureField
      {...props}
      print={(m3) => plain(m3 * 1000, 2)}
      // A bare figure is litres here; with a unit it is what it says.
      read={(text) => printer.readVolume(/[a-z]/i.test(text) ? text : `${text} l`)}
      unit="l"
      expected={T.expects.litres}
    />
  );
}

/** A height over the sea: metres or feet. */
export function AltitudeField(props: UnitFieldProps) {
  const printer = usePrinter();
  const [unit, expected] =
    printer.system === 'us' ? (['ft', T.expects.feet] as const) : (['m', T.expects.metres] as const);
  return (
    <FigureField
      {...props}
      print={(m) => printer.altitude(m).replace(/ .*/, '')}
      read={printer.readAltitude}
      unit={unit}
      expected={expected}
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
  return <FigureField {...props} print={String} read={readWhole} expected={T.expects.load} />;
}
