import * as z from 'zod';
import { unknownSchools } from '../../studies/identify/unknownSchool';
import { heatingSchools } from '../../measuring/heatingSchool';
import { temperatureScales } from '../../common/reader';

/** How decimals are written. */
export const decimalSeparators = ['.', ','] as const;
export const paperSizes = ['A4', 'Letter'] as const;

/** How the products of an electrolysis are predicted. */
export const dischargeSchools = ['potentials', 'ruleOfThumb'] as const;
export type DischargeSchool = (typeof dischargeSchools)[number];

export const settingsSchema = z.object({
  naming: z.enum(['common', 'stock', 'oxo']),
  reactionTypes: z.enum(['five', 'drivingForce']),
  temperature: z.enum(temperatureScales),
  heating: z.enum(heatingSchools),
  discharge: z.enum(dischargeSchools),
  unknowns: z.enum(unknownSchools),
  /** Stands at the head of what is printed. */
  institution: z.string().trim().max(80, 'The name of an institution has at most 80 letters'),
  /** How decimals are written for people; files for other programs keep the point. */
  decimalSeparator: z.enum(decimalSeparators),
  paper: z.enum(paperSizes),
  /** What the studies calculate with until they are told otherwise. */
  roomC: z
    .number()
    .min(5, 'A room is at 5 °C or above')
    .max(45, 'A room is at 45 °C or below: is this in °F?'),
  airKPa: z
    .number()
    .min(50, 'Air presses with 50 kPa or more: is this in atmospheres?')
    .max(110, 'Air presses with 110 kPa or less: is this in hPa or mmHg?'),
  /** Of the droppers here, counted into 1 mL. */
  dropsPerMl: z
    .number()
    .min(5, 'A dropper gives at least 5 drops to the mL')
    .max(60, 'A dropper gives at most 60 drops to the mL'),
  /** Whether small volumes are measured with graduated pipettes and a filler; cylinders alone when not. */
  pipettes: z.boolean(),
});
export type Settings = z.infer<typeof settingsSchema>;

/** The settings of a new installation. */
export const firstSettings: Settings = {
  naming: 'stock',
  reactionTypes: 'five',
  temperature: '°C',
  heating: 'constantMass',
  discharge: 'potentials',
  unknowns: 'mostInformative',
  institution: '',
  decimalSeparator: '.',
  paper: 'A4',
  roomC: 21,
  airKPa: 101,
  dropsPerMl: 20,
  pipettes: true,
};

/** A change of some of the settings: what is left out stays as it is, so that two changes at once do not undo each other. */
export const settingsChangeSchema = settingsSchema.partial();
export type SettingsChange = z.infer<typeof settingsChangeSchema>;
