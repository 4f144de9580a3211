import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import type { Build } from '../core/build/Build';
import type { Role } from '../core/people/roles';
import type { Schools } from '../core/schools/schools';

export class WorkshopRow extends Model<InferAttributes<WorkshopRow>, InferCreationAttributes<WorkshopRow>> {
  declare id: CreationOptional<string>;
  declare name: string;
  declare schools: Schools;
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
}
export class SessionRow extends Model<InferAttributes<SessionRow>, InferCreationAttributes<SessionRow>> {
  declare tokenHash: string;
  declare personId: string;
  declare createdAt: Date;
  declare seenAt: Date;
}
export class BuildRow extends Model<InferAttributes<BuildRow>, InferCreationAttributes<BuildRow>> {
  declare id: string;
  declare workshopId: string;
  declare document: Build;
  declare lastSeq: number;
  declare lastHash: string;
  declare changedAt: Date;
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
export interface Models {
  WorkshopRow: typeof WorkshopRow;
  PersonRow: typeof PersonRow;
  SessionRow: typeof SessionRow;
  BuildRow: typeof BuildRow;
  LedgerEntryRow: typeof LedgerEntryRow;
}

export function defineModels(sequelize: Sequelize): Models {
  const { UUID, UUIDV4, STRING, TEXT, BOOLEAN, JSONB, INTEGER, DATE } = DataTypes;
  const uuid = { type: UUID, primaryKey: true, defaultValue: UUIDV4 };
  const table = (tableName: string) => ({ sequelize, tableName, underscored: true, timestamps: false });
  const text = (length: number) => ({ type: STRING(length), allowNull: false });
  WorkshopRow.init(
    { id: uuid, name: text(80), schools: { type: JSONB, allowNull: false }, demo: { type: BOOLEAN, allowNull: false } },
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
    },
    table('people'),
  );
  SessionRow.init(
    {
      tokenHash: { ...text(64), primaryKey: true },
      personId: { type: UUID, allowNull: false },
      createdAt: { type: DATE, allowNull: false },
      seenAt: { type: DATE, allowNull: false },
    },
    table('sessions'),
  );
  BuildRow.init(
    {
      id: { type: UUID, primaryKey: true },
      workshopId: { type: UUID, allowNull: false },
      document: { type: JSONB, allowNull: false },
      lastSeq: { type: INTEGER, allowNull: false },
      lastHash: text(64),
      changedAt: { type: DATE, allowNull: false },
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
  return { WorkshopRow, PersonRow, SessionRow, BuildRow, LedgerEntryRow };
}
