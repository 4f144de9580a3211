import type { Origins } from '../core/record/Origin';
import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import type { Build } from '../core/build/Build';
import type { PartSeqs } from '../core/build/parts';
import type { BuildSummary } from '../core/checks/summarizeBuild';
import type { Family, PartRow } from '../core/model/kit/startingLists';
import type { Role } from '../core/people/roles';
import type { UnitPreferences } from '../core/units/inUnits';
import type { Practices } from '../core/practices/practices';

export class WorkshopRow extends Model<InferAttributes<WorkshopRow>, InferCreationAttributes<WorkshopRow>> {
  declare id: CreationOptional<string>;
  declare name: string;
  declare practices: Practices;
  declare demo: boolean;
}
export class PersonRow extends Model<InferAttributes<PersonRow>, InferCreationAttributes<PersonRow>> {
  declare id: CreationOptional<string>;
  declare workshopId: string;
  declare name: string;
  declare login: string;
  declare passwordHash: string;
  declare role: Role;
  declare demo: boolean;
  declare disabledAt: CreationOptional<Date | null>;
  declare settings: CreationOptional<Partial<UnitPreferences>>;
}
export class SessionRow extends Model<InferAttributes<SessionRow>, InferCreationAttributes<SessionRow>> {
  declare tokenHash: string;
  declare personId: string;
  /** when this token was given out */
  declare createdAt: Date;
  declare seenAt: Date;
  /** when the person signed in; a new token does not make the session younger */
  declare beganAt: Date;
  /** set on a token that was replaced: requests under way may still use it for a moment */
  declare endsAt: CreationOptional<Date | null>;
  declare agent: string;
}
export class InviteRow extends Model<InferAttributes<InviteRow>, InferCreationAttributes<InviteRow>> {
  declare tokenHash: string;
  declare personId: string;
  declare madeBy: string;
  declare madeAt: Date;
  declare expiresAt: Date;
}
export class SignInRow extends Model<InferAttributes<SignInRow>, InferCreationAttributes<SignInRow>> {
  declare id: CreationOptional<string>;
  declare at: Date;
  declare login: string;
  declare personId: string | null;
  declare workshopId: string | null;
  declare event: string;
  declare by: string;
  declare address: string;
  declare agent: string;
}
export class BuildRow extends Model<InferAttributes<BuildRow>, InferCreationAttributes<BuildRow>> {
  declare id: string;
  declare workshopId: string;
  declare document: Build;
  declare summary: BuildSummary;
  declare origins: Origins;
  /** name, kind, place and serial in small letters, to look for */
  declare search: string;
  declare lastSeq: number;
  declare lastHash: string;
  declare changedAt: Date;
  /** the ledger row at which each part last changed */
  declare partSeqs: CreationOptional<PartSeqs>;
}
export class LedgerEntryRow extends Model<InferAttributes<LedgerEntryRow>, InferCreationAttributes<LedgerEntryRow>> {
  declare buildId: string;
  declare seq: number;
  declare at: Date;
  declare by: string;
  declare role: string;
  declare kind: string;
  /** canonical JSON, kept as text so that its hash can be checked to the letter */
  declare body: string;
  declare prevHash: string;
  declare hash: string;
  declare personId: string | null;
  declare commandId: string;
}
export class PhotoRow extends Model<InferAttributes<PhotoRow>, InferCreationAttributes<PhotoRow>> {
  declare buildId: string;
  declare sha256: string;
  declare widthPx: number;
  declare heightPx: number;
  declare picture: Buffer;
  declare small: Buffer;
  declare by: string;
  declare at: Date;
}
export class StartLogRow extends Model<InferAttributes<StartLogRow>, InferCreationAttributes<StartLogRow>> {
  declare buildId: string;
  declare sha256: string;
  /** a line a reading, as `packLog` writes it */
  declare log: string;
  declare by: string;
  declare at: Date;
}
export class PartListRow extends Model<InferAttributes<PartListRow>, InferCreationAttributes<PartListRow>> {
  declare workshopId: string;
  declare family: Family;
  declare rows: PartRow[];
  declare version: number;
}
export interface Models {
  WorkshopRow: typeof WorkshopRow;
  PersonRow: typeof PersonRow;
  SessionRow: typeof SessionRow;
  InviteRow: typeof InviteRow;
  SignInRow: typeof SignInRow;
  BuildRow: typeof BuildRow;
  LedgerEntryRow: typeof LedgerEntryRow;
  PhotoRow: typeof PhotoRow;
  StartLogRow: typeof StartLogRow;
  PartListRow: typeof PartListRow;
}

export function defineModels(sequelize: Sequelize): Models {
  const { UUID, UUIDV4, STRING, TEXT, BOOLEAN, JSONB, INTEGER, BIGINT, DATE, BLOB } = DataTypes;
  // Made anew for each column: Sequelize writes into what it is given.
  const time = () => ({ type: DATE, allowNull: false });
  const uuid = { type: UUID, primaryKey: true, defaultValue: UUIDV4 };
  const table = (tableName: string) => ({ sequelize, tableName, underscored: true, timestamps: false });
  const text = (length: number) => ({ type: STRING(length), allowNull: false });
  WorkshopRow.init(
    { id: uuid, name: text(80), practices: { type: JSONB, allowNull: false }, demo: { type: BOOLEAN, allowNull: false } },
    table('workshops'),
  );
  PersonRow.init(
    {
      id: uuid,
      workshopId: { type: UUID, allowNull: false },
      name: text(80),
      login: text(60),
      passwordHash: text(200),
      role: text(10),
      demo: { type: BOOLEAN, allowNull: false },
      disabledAt: { type: DATE, allowNull: true },
      settings: { type: JSONB, allowNull: false, defaultValue: {} },
    },
    table('people'),
  );
  SessionRow.init(
    {
      tokenHash: { ...text(64), primaryKey: true },
      personId: { type: UUID, allowNull: false },
      createdAt: time(),
      seenAt: time(),
      beganAt: time(),
      endsAt: { type: DATE, allowNull: true },
      agent: text(200),
    },
    table('sessions'),
  );
  InviteRow.init(
    {
      tokenHash: { ...text(64), primaryKey: true },
      personId: { type: UUID, allowNull: false },
      madeBy: text(80),
      madeAt: time(),
      expiresAt: time(),
    },
    table('invites'),
  );
  SignInRow.init(
    {
      id: { type: BIGINT, primaryKey: true, autoIncrement: true },
      at: { type: DATE(3), allowNull: false },
      login: text(60),
      personId: { type: UUID, allowNull: true },
      workshopId: { type: UUID, allowNull: true },
      event: text(20),
      by: { ...text(80), field: 'by_name' },
      address: text(64),
      agent: text(200),
    },
    table('sign_ins'),
  );
  BuildRow.init(
    {
      id: { type: UUID, primaryKey: true },
      workshopId: { type: UUID, allowNull: false },
      document: { type: JSONB, allowNull: false },
      summary: { type: JSONB, allowNull: false },
      origins: { type: JSONB, allowNull: false },
      search: { type: TEXT, allowNull: false },
      lastSeq: { type: INTEGER, allowNull: false },
      lastHash: text(64),
      changedAt: time(),
      partSeqs: { type: JSONB, allowNull: false, defaultValue: {} },
    },
    table('builds'),
  );
  LedgerEntryRow.init(
    {
      buildId: { type: UUID, primaryKey: true },
      seq: { type: INTEGER, primaryKey: true },
      at: { type: DATE(3), allowNull: false },
      by: { ...text(80), field: 'by_name' },
      role: text(10),
      kind: text(20),
      body: { type: TEXT, allowNull: false },
      prevHash: text(64),
      hash: text(64),
      personId: { type: UUID, allowNull: true },
      commandId: { type: UUID, allowNull: false },
    },
    table('ledger'),
  );
  PhotoRow.init(
    {
      buildId: { type: UUID, primaryKey: true },
      sha256: { ...text(64), primaryKey: true },
      widthPx: { type: INTEGER, allowNull: false },
      heightPx: { type: INTEGER, allowNull: false },
      picture: { type: BLOB, allowNull: false },
      small: { type: BLOB, allowNull: false },
      by: { ...text(80), field: 'by_name' },
      at: time(),
    },
    table('photos'),
  );
  StartLogRow.init(
    {
      buildId: { type: UUID, primaryKey: true },
      sha256: { ...text(64), primaryKey: true },
      log: { type: TEXT, allowNull: false },
      by: { ...text(80), field: 'by_name' },
      at: time(),
    },
    table('start_logs'),
  );
  PartListRow.init(
    {
      workshopId: { type: UUID, primaryKey: true },
      family: { ...text(20), primaryKey: true },
      rows: { type: JSONB, allowNull: false },
      version: { type: INTEGER, allowNull: false },
    },
    table('part_lists'),
  );
  return {
    WorkshopRow,
    PersonRow,
    SessionRow,
    InviteRow,
    SignInRow,
    BuildRow,
    LedgerEntryRow,
    PhotoRow,
    StartLogRow,
    PartListRow,
  };
}
