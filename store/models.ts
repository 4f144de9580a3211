import type { Licence } from '../core/people/licences';
import type { Origins } from '../core/record/Origin';
import { Model, type CreationOptional, type InferAttributes, type InferCreationAttributes } from 'sequelize';
import type { Build } from '../core/build/Build';
import type { PartSeqs } from '../core/build/parts';
import type { BuildSummary } from '../core/checks/summarizeBuild';
import type { Family } from '../core/build/unit/UnitCard';
import type { PartRow } from '../core/model/kit/startingLists';
import type { Role } from '../core/people/roles';
import type { UnitPreferences } from '../core/units/inUnits';
import type { Practices } from '../core/practices/practices';

/** What is corrected edition by edition: a unit card, a rule pack. */
export interface Edited {
  id: string;
  name: string;
  edition: number;
}

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
  declare licences: CreationOptional<Licence[]>;
  /** who had a new password chosen, and when, until the person signs */
  declare resetBy: CreationOptional<string | null>;
  declare resetAt: CreationOptional<Date | null>;
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
  /** when the second step was given in it */
  declare provenAt: CreationOptional<Date | null>;
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
  /** of the command as it was sent; null in rows of before, and where none was sent */
  declare commandHash: CreationOptional<string | null>;
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
/** What a workshop keeps by editions; each table holds what its own schema let in. */
export class EditionRow extends Model<InferAttributes<EditionRow>, InferCreationAttributes<EditionRow>> {
  declare workshopId: string;
  declare id: string;
  declare content: Edited;
  declare edition: number;
  declare changedAt: Date;
  declare by: string;
}
export class UnitCardRow extends EditionRow {}
export class RulePackRow extends EditionRow {}
