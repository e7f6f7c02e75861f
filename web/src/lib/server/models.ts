import type {
  Design,
  EditAction,
  FinishRecord,
  JobFields,
  LengthUnit,
  LimitPlace,
  OpeningShape,
  Patch,
  Range,
  QuoteTerms,
  SheetStyle,
} from 'goodreach';
import type { KeptConstruction } from './constructions';
import { defineShopModels } from './shop-models';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';

/** A limit of a rule as a studio or a job keeps it: what its source asks, and what is asked here. */
export type KeptLimit = LimitPlace & { now: number };

/** A tenant: everything belongs to one studio and is only ever asked for within it. */
export class Studio extends Model<InferAttributes<Studio>, InferCreationAttributes<Studio>> {
  declare id: CreationOptional<string>;
  declare name: string;
  /** Whether its new rooms may have widths their range does not list. */
  declare specials: CreationOptional<boolean>;
  /** Limits of rules that its new rooms take. */
  declare limits: CreationOptional<readonly KeptLimit[]>;
  /** How they build cabinets. */
  declare constructions: CreationOptional<readonly KeptConstruction[]>;
}

export class Person extends Model<InferAttributes<Person>, InferCreationAttributes<Person>> {
  declare id: CreationOptional<string>;
  declare studioId: string;
  declare email: string;
  declare name: string;
  declare passwordHash: string;
}

/** A signed-in browser; the id is the hash of the cookie's token. */
export class SessionRow extends Model<InferAttributes<SessionRow>, InferCreationAttributes<SessionRow>> {
  declare id: string;
  declare personId: string;
  declare expiresAt: Date;
  declare usedAt: CreationOptional<Date>;
}

export class Job extends Model<InferAttributes<Job>, InferCreationAttributes<Job>> {
  declare id: CreationOptional<string>;
  declare studioId: string;
  declare name: string;
  declare unit: LengthUnit;
  declare step: number;
  /** Limits of rules that its new rooms take, before the studio's; how they build cabinets; what its sheets say of it. */
  declare limits: CreationOptional<readonly KeptLimit[]>;
  declare constructions: CreationOptional<readonly KeptConstruction[]>;
  declare fields: CreationOptional<JobFields>;
  declare createdAt: CreationOptional<Date>;
  declare removedAt: CreationOptional<Date | null>;
}

/** A room, and what lists show of it; its document is in those kept and in its edits. */
export class Room extends Model<InferAttributes<Room>, InferCreationAttributes<Room>> {
  declare id: CreationOptional<string>;
  declare studioId: string;
  declare jobId: string;
  /** Its options share a room: the one they were all made from. */
  declare optionOf: CreationOptional<string | null>;
  declare option: CreationOptional<string>;
  declare chosen: CreationOptional<boolean>;
  declare name: string;
  declare revision: CreationOptional<number>;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
  declare removedAt: CreationOptional<Date | null>;
}

/** The document of a room at one of its revisions. */
export class KeptDocument extends Model<
  InferAttributes<KeptDocument>,
  InferCreationAttributes<KeptDocument>
> {
  declare roomId: string;
  declare revision: number;
  declare document: Design;
}

/** A set of drawings as it was given out, with the design it was made of. */
export class Issue extends Model<InferAttributes<Issue>, InferCreationAttributes<Issue>> {
  declare roomId: string;
  /** Counted from one in each room. */
  declare number: number;
  declare name: string;
  declare revision: number;
  /** The day, yyyy-mm-dd. */
  declare issuedOn: string;
  declare issuedBy: string;
  declare document: Design;
  declare pdf: Buffer;
  /** The lists for the shop as a workbook; issues of before they were kept have none. */
  declare lists: CreationOptional<Buffer | null>;
}

/** One accepted edit: the patch that made a revision. The id is the client's, so that a lost reply is not a conflict. */
export class Edit extends Model<InferAttributes<Edit>, InferCreationAttributes<Edit>> {
  declare roomId: string;
  declare id: string;
  declare revision: number;
  declare personId: string;
  declare action: EditAction;
  /** The edit that it takes back or does again, its own id where it is new; null for edits of earlier versions, which have a label instead. */
  declare step: CreationOptional<string | null>;
  declare command: CreationOptional<string | null>;
  declare args: CreationOptional<object | string | number | boolean | null>;
  declare label: CreationOptional<string | null>;
  declare patch: Patch;
  declare madeAt: CreationOptional<Date>;
}

/** A picture a person has uploaded: laid under a room, or of no room, of a finish. */
export class StoredFile extends Model<InferAttributes<StoredFile>, InferCreationAttributes<StoredFile>> {
  declare id: CreationOptional<string>;
  declare studioId: string;
  declare roomId: CreationOptional<string | null>;
  declare name: string;
  declare type: string;
  declare bytes: Buffer;
  declare createdAt: CreationOptional<Date>;
}

/** A kind of opening the studio keeps to use again, under a name of its own. */
export class OpeningKind extends Model<InferAttributes<OpeningKind>, InferCreationAttributes<OpeningKind>> {
  declare id: CreationOptional<string>;
  declare studioId: string;
  declare name: string;
  declare shape: OpeningShape;
}

/** A range of the studio's own, imported from a table. */
export class StudioRange extends Model<InferAttributes<StudioRange>, InferCreationAttributes<StudioRange>> {
  declare id: CreationOptional<string>;
  declare studioId: string;
  declare name: string;
  declare data: Range;
  declare createdAt: CreationOptional<Date>;
}

/** A finish of the studio's own. */
export class StudioFinish extends Model<
  InferAttributes<StudioFinish>,
  InferCreationAttributes<StudioFinish>
> {
  declare id: CreationOptional<string>;
  declare studioId: string;
  declare name: string;
  declare data: FinishRecord;
  declare createdAt: CreationOptional<Date>;
}

/** An object of the studio's own: a range of one family, with a stored model. */
export class StudioObject extends Model<
  InferAttributes<StudioObject>,
  InferCreationAttributes<StudioObject>
> {
  declare id: CreationOptional<string>;
  declare studioId: string;
  declare name: string;
  declare data: Range;
  declare createdAt: CreationOptional<Date>;
}

/** A template that the studio draws its sets by, under its name. */
export class KeptSheetStyle extends Model<
  InferAttributes<KeptSheetStyle>,
  InferCreationAttributes<KeptSheetStyle>
> {
  declare id: CreationOptional<string>;
  declare studioId: string;
  declare name: string;
  declare style: SheetStyle;
}

/** What a client was quoted for a room, as it was sent: its total in hundredths. It is never changed. */
export class KeptQuote extends Model<InferAttributes<KeptQuote>, InferCreationAttributes<KeptQuote>> {
  declare roomId: string;
  /** Counted from one in each room. */
  declare number: number;
  declare revision: number;
  /** The day, yyyy-mm-dd. */
  declare madeOn: string;
  declare madeBy: string;
  declare total: number;
  declare terms: QuoteTerms;
  declare pdf: Buffer;
}

const uuid = () => ({ type: DataTypes.UUID, primaryKey: true, defaultValue: DataTypes.UUIDV4 });

/** Ties the models to a database. */
export function defineModels(sequelize: Sequelize): void {
  const common = { sequelize, underscored: true, timestamps: false };
  Studio.init(
    {
      id: uuid(),
      name: DataTypes.TEXT,
      specials: { type: DataTypes.BOOLEAN, defaultValue: false },
      limits: { type: DataTypes.JSONB, defaultValue: [] },
      constructions: { type: DataTypes.JSONB, defaultValue: [] },
    },
    { ...common, tableName: 'studios' },
  );
  Person.init(
    {
      id: uuid(),
      studioId: DataTypes.UUID,
      email: DataTypes.TEXT,
      name: DataTypes.TEXT,
      passwordHash: DataTypes.TEXT,
    },
    { ...common, tableName: 'people' },
  );
  SessionRow.init(
    {
      id: { type: DataTypes.TEXT, primaryKey: true },
      personId: DataTypes.UUID,
      expiresAt: DataTypes.DATE,
      usedAt: { type: DataTypes.DATE, defaultValue: DataTypes.NOW },
    },
    { ...common, tableName: 'sessions' },
  );
  Job.init(
    {
      id: uuid(),
      studioId: DataTypes.UUID,
      name: DataTypes.TEXT,
      unit: DataTypes.TEXT,
      step: DataTypes.DOUBLE,
      limits: { type: DataTypes.JSONB, defaultValue: [] },
      constructions: { type: DataTypes.JSONB, defaultValue: [] },
      fields: { type: DataTypes.JSONB, defaultValue: {} },
      createdAt: { type: DataTypes.DATE, defaultValue: DataTypes.NOW },
      removedAt: DataTypes.DATE,
    },
    { ...common, tableName: 'jobs' },
  );
  Room.init(
    {
      id: uuid(),
      studioId: DataTypes.UUID,
      jobId: DataTypes.UUID,
      optionOf: DataTypes.UUID,
      option: { type: DataTypes.TEXT, defaultValue: 'A' },
      chosen: { type: DataTypes.BOOLEAN, defaultValue: true },
      name: DataTypes.TEXT,
      revision: { type: DataTypes.INTEGER, defaultValue: 0 },
      createdAt: DataTypes.DATE,
      updatedAt: DataTypes.DATE,
      removedAt: DataTypes.DATE,
    },
    { ...common, timestamps: true, tableName: 'rooms' },
  );
  StoredFile.init(
    {
      id: uuid(),
      studioId: DataTypes.UUID,
      roomId: DataTypes.UUID,
      name: DataTypes.TEXT,
      type: DataTypes.TEXT,
      bytes: DataTypes.BLOB,
      createdAt: { type: DataTypes.DATE, defaultValue: DataTypes.NOW },
    },
    { ...common, tableName: 'files' },
  );
  OpeningKind.init(
    { id: uuid(), studioId: DataTypes.UUID, name: DataTypes.TEXT, shape: DataTypes.JSONB },
    { ...common, tableName: 'opening_kinds' },
  );
  StudioRange.init(
    {
      id: uuid(),
      studioId: DataTypes.UUID,
      name: DataTypes.TEXT,
      data: DataTypes.JSONB,
      createdAt: { type: DataTypes.DATE, defaultValue: DataTypes.NOW },
    },
    { ...common, tableName: 'ranges' },
  );
  StudioFinish.init(
    {
      id: uuid(),
      studioId: DataTypes.UUID,
      name: DataTypes.TEXT,
      data: DataTypes.JSONB,
      createdAt: { type: DataTypes.DATE, defaultValue: DataTypes.NOW },
    },
    { ...common, tableName: 'finishes' },
  );
  StudioObject.init(
    {
      id: uuid(),
      studioId: DataTypes.UUID,
      name: DataTypes.TEXT,
      data: DataTypes.JSONB,
      createdAt: { type: DataTypes.DATE, defaultValue: DataTypes.NOW },
    },
    { ...common, tableName: 'objects' },
  );
  KeptSheetStyle.init(
    { id: uuid(), studioId: DataTypes.UUID, name: DataTypes.TEXT, style: DataTypes.JSONB },
    { ...common, tableName: 'sheet_styles' },
  );
  KeptQuote.init(
    {
      roomId: { type: DataTypes.UUID, primaryKey: true },
      number: { type: DataTypes.INTEGER, primaryKey: true },
      revision: DataTypes.INTEGER,
      madeOn: DataTypes.DATEONLY,
      madeBy: DataTypes.TEXT,
      total: DataTypes.BIGINT,
      terms: DataTypes.JSONB,
      pdf: DataTypes.BLOB,
    },
    { ...common, tableName: 'quotes' },
  );
  defineShopModels(common);
  KeptDocument.init(
    {
      roomId: { type: DataTypes.UUID, primaryKey: true },
      revision: { type: DataTypes.INTEGER, primaryKey: true },
      document: DataTypes.JSONB,
    },
    { ...common, tableName: 'documents' },
  );
  Issue.init(
    {
      roomId: { type: DataTypes.UUID, primaryKey: true },
      number: { type: DataTypes.INTEGER, primaryKey: true },
      name: DataTypes.TEXT,
      revision: DataTypes.INTEGER,
      issuedOn: DataTypes.DATEONLY,
      issuedBy: DataTypes.TEXT,
      document: DataTypes.JSONB,
      pdf: DataTypes.BLOB,
      lists: DataTypes.BLOB,
    },
    { ...common, tableName: 'issues' },
  );
  Edit.init(
    {
      roomId: { type: DataTypes.UUID, primaryKey: true },
      id: { type: DataTypes.UUID, primaryKey: true },
      revision: DataTypes.INTEGER,
      personId: DataTypes.UUID,
      action: DataTypes.TEXT,
      step: DataTypes.UUID,
      command: DataTypes.TEXT,
      args: DataTypes.JSONB,
      label: DataTypes.TEXT,
      patch: DataTypes.JSONB,
      madeAt: { type: DataTypes.DATE, defaultValue: DataTypes.NOW },
    },
    { ...common, tableName: 'edits' },
  );
}
