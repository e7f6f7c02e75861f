import 'reflect-metadata';
import { plainToInstance, Type } from 'class-transformer';
import {
  Allow,
  ArrayMaxSize,
  Equals,
  IsArray,
  IsBase64,
  IsBoolean,
  IsEmail,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsNotIn,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateBy,
  ValidateIf,
  ValidateNested,
  validateSync,
  type ValidationError,
} from 'class-validator';
import {
  lengthUnits,
  limitSides,
  MOST_SHORT,
  type EditAction,
  type LengthUnit,
  type LimitSide,
} from 'goodreach';
import {
  BuildWays,
  isRight,
  JobFields,
  ListOf,
  MachineLines,
  OpeningShape,
  PriceLines,
  reservedIds,
  StockLines,
} from 'goodreach/server';

/** Revisions are counted so far. */
export const MOST_REVISION = 2_147_483_647;

/** Prices to be kept, and the revision they were made from: 0 for the first. */
export class PricesBody {
  @IsInt() @Min(0) @Max(MOST_REVISION - 1) revision!: number;
  @IsObject() @ValidateNested() @Type(() => PriceLines) book!: PriceLines;
}

/** A table of prices to be kept, and the revision they take the place of: 0 for the first. */
export class PriceTableBody {
  @IsInt() @Min(0) @Max(MOST_REVISION - 1) revision!: number;
  @IsString() @MaxLength(500_000) csv!: string;
}

/** A sum that stands in for what is not chosen yet, or is taken off. */
export class AllowanceBody {
  @IsString()
  @Matches(/\S/, { message: 'Say what the sum is for.' })
  @MaxLength(80, { message: 'Keep what the sum is for under 80 characters.' })
  name!: string;
  @IsNumber({ allowNaN: false, allowInfinity: false }) @Min(-10_000_000) @Max(10_000_000) amount!: number;
}

/** Lines of words, no more than a few pages. */
const LINES = /^(?:[^\n]*\n){0,149}[^\n]*$/;

/** A quote to be made of a room as it is saved. */
export class QuoteBody {
  @IsString()
  @Matches(/\S/, { message: 'Say which currency it is in.' })
  @MaxLength(8, { message: 'Keep the currency under 8 characters.' })
  currency!: string;
  @IsInt({ message: 'Give the days as a whole number.' }) @Min(1) @Max(365) days!: number;
  @IsString() @MaxLength(200) client!: string;
  @IsArray()
  @ArrayMaxSize(20)
  @ValidateNested({ each: true })
  @Type(() => AllowanceBody)
  allowances!: AllowanceBody[];
  @IsString() @MaxLength(3_000) @Matches(LINES) excluded!: string;
  @IsString() @MaxLength(8_000) @Matches(LINES) terms!: string;
  @IsString() @MaxLength(40) page!: string;
  /** The template of the studio whose logo and address it bears. */
  @IsOptional() @IsUUID() style?: string;
}

/** What is cut from, to be kept, and the revision it was made from: 0 for the first. */
export class StockBody {
  @IsInt() @Min(0) @Max(MOST_REVISION - 1) revision!: number;
  @IsObject() @ValidateNested() @Type(() => StockLines) book!: StockLines;
}

/** The revision that sheets of a room to be kept were made from: 0 for the first. The sheets are read by themselves. */
export class LaidSheetsBody {
  @IsInt() @Min(0) @Max(MOST_REVISION - 1) revision!: number;
}

/** The router to be kept, and the revision it was made from: 0 for the first. */
export class MachineBody {
  @IsInt() @Min(0) @Max(MOST_REVISION - 1) revision!: number;
  @IsObject() @ValidateNested() @Type(() => MachineLines) book!: MachineLines;
}

/** The body of a sign-in. */
export class SignInBody {
  @IsEmail({}, { message: 'Give the email address you were invited with.' }) email!: string;
  @IsString() @Length(1, 200, { message: 'Give your password.' }) password!: string;
}

/** A password has so many characters at least. */
const LEAST_PASSWORD = 10;

/** A password that is chosen: long rather than odd. */
const ChosenPassword = () =>
  Length(LEAST_PASSWORD, 200, {
    message: `Choose a password of at least ${LEAST_PASSWORD} characters: a few words do.`,
  });

/** A studio with its first person. */
export class NewStudioBody {
  @IsString()
  @Matches(/\S/, { message: 'Give the studio a name.' })
  @MaxLength(80, { message: 'Keep the name of the studio under 80 characters.' })
  studio!: string;
  @IsString()
  @Matches(/\S/, { message: 'Give your name.' })
  @MaxLength(80, { message: 'Keep your name under 80 characters.' })
  name!: string;
  @IsEmail({}, { message: 'Give an email address to sign in with.' }) email!: string;
  @IsString() @ChosenPassword() password!: string;
}

/** Another password for whoever is signed in. */
export class PasswordBody {
  @IsString() @Length(1, 200, { message: 'Give the password you have now.' }) current!: string;
  @IsString() @ChosenPassword() password!: string;
}

export class NewJobBody {
  @IsString()
  @Matches(/\S/, { message: 'Give the job a name.' })
  @MaxLength(80, { message: 'Keep the name under 80 characters.' })
  name!: string;
  @IsIn([...lengthUnits], { message: `Choose a unit: ${lengthUnits.join(', ')}.` }) unit!: LengthUnit;
}

/** A kind of opening to keep: its name, and what it is. */
export class OpeningKindBody {
  @IsString()
  @Matches(/\S/, { message: 'Give the kind a name.' })
  @MaxLength(60, { message: 'Keep the name under 60 characters.' })
  name!: string;
  @IsObject() @ValidateNested() @Type(() => OpeningShape) shape!: OpeningShape;
}

/** A table to import, or only to be checked. */
export class TableBody {
  @IsString() @IsNotEmpty({ message: 'Give the table, as CSV.' }) @MaxLength(1_000_000) csv!: string;
  @IsOptional() @IsBoolean() tryOnly?: boolean;
}

/** A finish to keep; what it is is checked by its record's class. Its picture as base64, or null for none; not given, it stays as it was. */
export class FinishBody {
  @IsObject({ message: 'Give the finish.' }) finish!: object;
  @IsOptional() @IsBase64() @MaxLength(3_000_000) picture?: string | null;
}

/** An object to keep: what it is, checked as the range it becomes, and its model as base64. */
export class ObjectBody {
  @IsObject({ message: 'Give the object.' }) object!: object;
  @IsBase64() @MaxLength(2_800_000) model!: string;
}

/** What a studio decides for its new rooms. */
export class StandardsBody {
  @IsBoolean({ message: 'Say whether special widths are allowed: true or false.' }) specials!: boolean;
}

/** A limit of a rule: what its source asks for, and what is asked in place of that, in the unit of its value. */
export class LimitBody {
  @IsString() @Length(1, 40) rule!: string;
  @IsString() @Length(1, 80) check!: string;
  @IsIn([...limitSides]) side!: LimitSide;
  @IsNumber({ allowNaN: false, allowInfinity: false }) @Min(-MOST_SHORT) @Max(MOST_SHORT) was!: number;
  @IsNumber({ allowNaN: false, allowInfinity: false }) @Min(0) @Max(MOST_SHORT) now!: number;
}

/** The limits that new rooms take. */
export class LimitsBody {
  @IsArray({ message: 'Give the limits as a list.' })
  @ArrayMaxSize(500)
  @IsObject({ each: true })
  @ValidateNested({ each: true })
  @Type(() => LimitBody)
  limits!: LimitBody[];
}

/** How cabinets of a range are built. */
export class ConstructionBody {
  @Matches(/^[A-Za-z0-9_-]{1,64}$/) range!: string;
  @IsObject() @ValidateNested() @Type(() => BuildWays) ways!: BuildWays;
}

/** How new rooms build cabinets. */
export class ConstructionsBody {
  @IsArray({ message: 'Give the constructions as a list.' })
  @ArrayMaxSize(200)
  @IsObject({ each: true })
  @ValidateNested({ each: true })
  @Type(() => ConstructionBody)
  constructions!: ConstructionBody[];
}

/** What the sheets of a job say of it. */
export class JobFieldsBody {
  @IsObject({ message: 'Give the fields.' }) @ValidateNested() @Type(() => JobFields) fields!: JobFields;
}

/** A name of a job or room. */
export class NameBody {
  @IsString({ message: 'Give a name.' })
  @Matches(/\S/, { message: 'Give a name.' })
  @MaxLength(80, { message: 'Keep the name under 80 characters.' })
  name!: string;
}

/** A change of an option: chosen for its room. */
export class OptionBody {
  @Equals(true, { message: 'An option can only be chosen.' }) chosen!: true;
}

/** A set of drawings to be given out: what for, and which sheets of it. */
export class IssueBody {
  @IsString()
  @Matches(/\S/, { message: 'Say what it is issued for.' })
  @MaxLength(60, { message: 'Keep what it is issued for under 60 characters.' })
  name!: string;
  @IsString() @MaxLength(40) show!: string;
  @IsString() @MaxLength(40) page!: string;
  @IsString() @MaxLength(10) scale!: string;
  /** The template of the studio it is drawn by. */
  @IsOptional() @IsUUID() style?: string;
}

/** What is copied of a room: as it is, or as it was at a revision. */
export class CopyBody {
  @IsOptional()
  @IsInt({ message: 'Give the revision as a whole number.' })
  @Min(0)
  @Max(MOST_REVISION)
  revision?: number;
}

/** The same id, however it is written. */
const lowercase = (id: unknown) => (typeof id === 'string' ? id.toLowerCase() : id);

/** No id twice in a list; in time linear in its length. */
const Unique = (message: string, sameAs = (id: unknown) => id) =>
  ValidateBy({
    name: 'unique',
    validator: {
      validate: (list: unknown) =>
        !Array.isArray(list) ||
        new Set(list.map((one: { id?: unknown } | null) => sameAs(one?.id))).size === list.length,
      defaultMessage: () => message,
    },
  });

/** A changed record: its content is checked by the record classes. */
export class ChangeBody {
  @IsString()
  @Length(1, 64)
  @IsNotIn(reservedIds, { message: 'No record can have this id: it is a name of the language.' })
  id!: string;
  @ValidateIf((change: ChangeBody) => change.before !== null) @IsObject() before!: object | null;
  @ValidateIf((change: ChangeBody) => change.after !== null) @IsObject() after!: object | null;
}

export class EditBody {
  @IsUUID() id!: string;
  @IsIn(['do', 'undo', 'redo']) action!: EditAction;
  /** The edit that it takes back or does again; its own id where it is new, or not given. */
  @IsOptional() @IsUUID() step?: string;
  @IsOptional() @IsString() @MaxLength(60) @Matches(/^[a-z-]*$/) command?: string;
  /** What the command was asked, whatever that is. */
  @Allow() args?: unknown;
  @Unique('No record can be changed twice in one edit.') @ListOf(ChangeBody, 1, 5000) patch!: ChangeBody[];
}

export class SaveBody {
  @IsInt() @Min(0) @Max(MOST_REVISION) baseRevision!: number;
  @Unique('No edit can be in one save twice.', lowercase) @ListOf(EditBody, 1, 200) edits!: EditBody[];
}

/** What someone at work in a room has chosen, in one tab. */
export class HereBody {
  @IsUUID() tab!: string;
  @IsArray() @ArrayMaxSize(50) @IsString({ each: true }) @MaxLength(64, { each: true }) chosen!: string[];
}

/** A checked body, or what is wrong with it: one sentence a fault, with its path. */
export type Checked<T> = { ok: true; value: T } | { ok: false; faults: { path: string; message: string }[] };

/** Checks a body against its class; unknown keys are faults. What is plainly right is given back as it came: no class here makes something else of what is sent. */
export function checkBody<T extends object>(bodyClass: new () => T, raw: unknown): Checked<T> {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw)) {
    return { ok: false, faults: [{ path: '', message: 'The body must be an object.' }] };
  }
  if (isRight(bodyClass, raw)) return { ok: true, value: raw as T };
  const value = plainToInstance(bodyClass, raw);
  const errors = validateSync(value, { whitelist: true, forbidNonWhitelisted: true });
  return errors.length === 0
    ? { ok: true, value }
    : { ok: false, faults: errors.flatMap((error) => faultsOf(error, '')) };
}

function faultsOf(error: ValidationError, path: string): { path: string; message: string }[] {
  const own = path ? `${path}.${error.property}` : error.property;
  const messages = Object.values(error.constraints ?? {});
  return [
    ...messages.slice(0, 1).map((message) => ({ path: own, message })),
    ...(error.children ?? []).flatMap((child) => faultsOf(child, own)),
  ];
}
