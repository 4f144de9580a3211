import { DataTypes, type Sequelize } from 'sequelize';
import {
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
  UnitCardRow,
  RulePackRow,
} from './models';

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
  UnitCardRow: typeof UnitCardRow;
  RulePackRow: typeof RulePackRow;
}

export function defineModels(sequelize: Sequelize): Models {
  const { UUID, UUIDV4, STRING, TEXT, BOOLEAN, JSONB, INTEGER, BIGINT, DATE, BLOB } = DataTypes;
  // Made anew for each column: Sequelize writes into what it is given.
  const time = () => ({ type: DATE, allowNull: false });
  const uuid = { type: UUID, primaryKey: true, defaultValue: UUIDV4 };
  const table = (tableName: string) => ({ sequelize, tableName, underscored: true, timestamps: false });
  const text = (length: number) => ({ type: STRING(length), allowNull: false });
  /** What lies beside a build and never changes: by its fingerprint, with who brought it and when. */
  const byFingerprint = () => ({
    buildId: { type: UUID, primaryKey: true },
    sha256: { ...text(64), primaryKey: true },
    by: { ...text(80), field: 'by_name' },
    at: time(),
  });
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
      licences: { type: JSONB, allowNull: false, defaultValue: [] },
      resetBy: { ...text(80), allowNull: true },
      resetAt: { type: DATE(3), allowNull: true },
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
      provenAt: { type: DATE(3), allowNull: true },
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
      commandHash: { ...text(64), allowNull: true },
    },
    table('ledger'),
  );
  PhotoRow.init(
    {
      ...byFingerprint(),
      widthPx: { type: INTEGER, allowNull: false },
      heightPx: { type: INTEGER, allowNull: false },
      picture: { type: BLOB, allowNull: false },
      small: { type: BLOB, allowNull: false },
    },
    table('photos'),
  );
  StartLogRow.init(
    {
      ...byFingerprint(),
      log: { type: TEXT, allowNull: false },
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
  const byEdition = (field: string) => ({
    workshopId: { type: UUID, primaryKey: true },
    id: { type: UUID, primaryKey: true },
    content: { type: JSONB, allowNull: false, field },
    edition: { type: INTEGER, allowNull: false },
    changedAt: time(),
    by: { ...text(80), field: 'by_name' },
  });
  // Named here: of a class without a body of its own the build leaves no name.
  UnitCardRow.init(byEdition('card'), { ...table('unit_cards'), modelName: 'UnitCardRow' });
  RulePackRow.init(byEdition('pack'), { ...table('rule_packs'), modelName: 'RulePackRow' });
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
    UnitCardRow,
    RulePackRow,
  };
}
