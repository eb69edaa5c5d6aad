import { DataTypes, type Model, type ModelStatic, type Sequelize } from 'sequelize';
import { database } from '../database';
import type {
  AthleteRow,
  AthleteShareRow,
  BlockRow,
  CalendarLinkRow,
  CallRow,
  CheckInRow,
  CoachInviteRow,
  CoachRow,
  DeedRow,
  ExerciseNameRow,
  ExerciseRow,
  HouseRow,
  ImportNameRow,
  InviteRow,
  IssuedBeforeRow,
  IssuedRow,
  KnownDeviceRow,
  LoggedSetRow,
  MeasurementRow,
  PhoneRow,
  RampRow,
  RecoveryCodeRow,
  RefusedItemRow,
  RevisionRow,
  SignInRow,
  SorenessRow,
  StandingRow,
  TemplateRow,
  TriesRow,
  WorkoutRow,
} from './rows';

type Table<Row extends object> = ModelStatic<Model<Row, Row>>;

export interface Models {
  readonly coaches: Table<CoachRow>;
  readonly phones: Table<PhoneRow>;
  readonly invites: Table<InviteRow>;
  readonly signIns: Table<SignInRow>;
  readonly tries: Table<TriesRow>;
  readonly knownDevices: Table<KnownDeviceRow>;
  readonly athletes: Table<AthleteRow>;
  readonly blocks: Table<BlockRow>;
  readonly templates: Table<TemplateRow>;
  readonly revisions: Table<RevisionRow>;
  readonly issued: Table<IssuedRow>;
  readonly issuedBefore: Table<IssuedBeforeRow>;
  readonly standings: Table<StandingRow>;
  readonly workouts: Table<WorkoutRow>;
  readonly sets: Table<LoggedSetRow>;
  readonly soreness: Table<SorenessRow>;
  readonly checkIns: Table<CheckInRow>;
  readonly refusedItems: Table<RefusedItemRow>;
  readonly calls: Table<CallRow>;
  readonly exercises: Table<ExerciseRow>;
  readonly measurements: Table<MeasurementRow>;
  readonly ramps: Table<RampRow>;
  readonly calendarLinks: Table<CalendarLinkRow>;
  readonly exerciseNames: Table<ExerciseNameRow>;
  readonly importNames: Table<ImportNameRow>;
  readonly houses: Table<HouseRow>;
  readonly coachInvites: Table<CoachInviteRow>;
  readonly recoveryCodes: Table<RecoveryCodeRow>;
  readonly athleteShares: Table<AthleteShareRow>;
  readonly deeds: Table<DeedRow>;
}

const id = DataTypes.STRING(96);
const json = DataTypes.TEXT('long');
const when = DataTypes.DATE(3);
// Sequelize modifies column definitions: each table needs its own copy.
const key = () => ({ type: id, primaryKey: true });

type Define = <Row extends object>(name: string, columns: Parameters<Sequelize['define']>[1]) => Table<Row>;

/** Coaches and their data, athletes, measurements. */
function peopleTables(
  table: Define,
): Pick<
  Models,
  | 'coaches'
  | 'signIns'
  | 'tries'
  | 'knownDevices'
  | 'athletes'
  | 'exercises'
  | 'measurements'
  | 'checkIns'
  | 'refusedItems'
  | 'phones'
  | 'invites'
  | 'calendarLinks'
  | 'exerciseNames'
  | 'importNames'
  | 'houses'
  | 'coachInvites'
  | 'recoveryCodes'
  | 'athleteShares'
  | 'deeds'
> {
  return {
    coaches: table('coaches', {
      id: key(),
      email: DataTypes.STRING,
      name: DataTypes.STRING,
      passwordHash: DataTypes.STRING,
      conventions: json,
      houseId: id,
      secondFactor: DataTypes.STRING(64),
      secondFactorStep: DataTypes.BIGINT,
    }),
    houses: table('houses', { id: key(), ownerId: id, secondFactorRequired: DataTypes.BOOLEAN }),
    coachInvites: table('coach_invites', {
      tokenHash: key(),
      houseId: id,
      coachId: id,
      expiresAt: when,
      usedAt: when,
    }),
    signIns: table('sign_ins', {
      tokenHash: key(),
      coachId: id,
      expiresAt: when,
      awaitsCode: DataTypes.BOOLEAN,
      tries: DataTypes.INTEGER,
      begunAt: when,
      seenAt: when,
      toldAt: when,
      device: DataTypes.STRING(120),
    }),
    recoveryCodes: table('recovery_codes', { coachId: key(), codeHash: key() }),
    athleteShares: table('athlete_shares', { athleteId: key(), coachId: key(), may: DataTypes.STRING(8) }),
    deeds: table('deeds', {
      id: { type: DataTypes.BIGINT, primaryKey: true, autoIncrement: true },
      athleteId: id,
      byId: id,
      what: DataTypes.STRING(24),
      about: DataTypes.STRING(200),
      at: when,
    }),
    tries: table('tries', { id: key(), count: DataTypes.INTEGER, at: when }),
    knownDevices: table('known_devices', { tokenHash: key(), coachId: key(), seenAt: when }),
    phones: table('phones', {
      id: key(),
      coachId: id,
      athleteId: id,
      tokenHash: DataTypes.STRING,
      name: DataTypes.STRING,
      createdAt: when,
      seenAt: when,
      expiresAt: when,
      revokedAt: when,
    }),
    invites: table('invites', {
      tokenHash: key(),
      coachId: id,
      athleteId: id,
      kind: DataTypes.STRING,
      phoneId: id,
      createdAt: when,
      expiresAt: when,
      usedAt: when,
    }),
    calendarLinks: table('calendar_links', {
      tokenHash: key(),
      coachId: id,
      athleteId: id,
      createdAt: when,
      seenAt: when,
    }),
    exerciseNames: table('exercise_names', {
      coachId: key(),
      exerciseId: key(),
      name: DataTypes.STRING(120),
      contributions: json,
    }),
    importNames: table('import_names', {
      coachId: key(),
      name: { type: DataTypes.STRING(191), primaryKey: true },
      exerciseId: id,
    }),
    checkIns: table('check_ins', {
      id: key(),
      coachId: id,
      athleteId: id,
      localDate: DataTypes.DATEONLY,
      answers: json,
      receivedAt: when,
    }),
    refusedItems: table('refused_items', {
      phoneId: key(),
      id: key(),
      coachId: id,
      athleteId: id,
      item: DataTypes.TEXT,
      why: DataTypes.STRING(40),
      at: when,
      settledAt: when,
    }),
    athletes: table('athletes', {
      id: key(),
      coachId: id,
      name: DataTypes.STRING,
      facts: json,
      revision: DataTypes.INTEGER,
      archivedAt: when,
      eraseAt: when,
    }),
    exercises: table('exercises', {
      id: key(),
      revision: { type: DataTypes.INTEGER, primaryKey: true },
      coachId: id,
      facts: json,
      createdAt: when,
      shared: DataTypes.BOOLEAN,
    }),
    measurements: table('measurements', {
      id: key(),
      coachId: id,
      athleteId: id,
      localDate: DataTypes.DATEONLY,
      kind: DataTypes.STRING,
      value: DataTypes.DECIMAL(7, 2),
      unit: DataTypes.STRING,
      at: when,
    }),
  };
}

/** Blocks, their history, sent weeks and calls. */
function blockTables(
  table: Define,
): Pick<Models, 'blocks' | 'templates' | 'revisions' | 'issued' | 'issuedBefore' | 'standings' | 'calls'> {
  return {
    blocks: table('blocks', {
      id: key(),
      coachId: id,
      athleteId: id,
      revision: DataTypes.INTEGER,
      document: json,
      createdAt: when,
      updatedAt: when,
      archivedAt: when,
      deletedAt: when,
    }),
    templates: table('templates', {
      id: key(),
      coachId: id,
      name: DataTypes.STRING,
      document: json,
      prerequisites: DataTypes.TEXT,
      createdAt: when,
      shared: DataTypes.BOOLEAN,
    }),
    revisions: table('block_revisions', {
      blockId: key(),
      revision: { type: DataTypes.INTEGER, primaryKey: true },
      coachId: id,
      editId: id,
      action: DataTypes.STRING,
      edit: json,
      inverse: json,
      document: json,
      at: when,
      byId: id,
    }),
    issued: table('issued_weeks', {
      id: key(),
      coachId: id,
      blockId: id,
      week: DataTypes.INTEGER,
      kind: DataTypes.STRING(10),
      snapshot: json,
      outline: json,
      issuedAt: when,
      recalledAt: when,
      openedAt: when,
      line: DataTypes.STRING(500),
      version: DataTypes.INTEGER,
      closedAt: when,
    }),
    issuedBefore: table('issued_before', {
      issuedId: key(),
      version: { type: DataTypes.INTEGER, primaryKey: true },
      coachId: id,
      snapshot: json,
      replacedAt: when,
    }),
    standings: table('standings', {
      blockId: key(),
      coachId: id,
      athleteId: id,
      state: DataTypes.STRING(8),
      day: DataTypes.DATEONLY,
      facts: DataTypes.TEXT,
      at: when,
      issuedAt: when,
      lastLogAt: when,
      claimedAt: when,
    }),
    calls: table('calls', {
      id: { type: DataTypes.STRING(191), primaryKey: true },
      blockId: { type: id, primaryKey: true },
      coachId: id,
      athleteId: id,
      subject: DataTypes.STRING(160),
      week: DataTypes.INTEGER,
      status: DataTypes.STRING,
      proposal: json,
      choice: json,
      createdAt: when,
      answeredAt: when,
      source: DataTypes.STRING(3),
      editId: id,
      byRule: DataTypes.BOOLEAN,
    }),
  };
}

/** Training logs. */
function logTables(table: Define): Pick<Models, 'workouts' | 'sets' | 'soreness' | 'ramps'> {
  return {
    workouts: table('workouts', {
      id: key(),
      coachId: id,
      blockId: id,
      issuedWeekId: id,
      week: DataTypes.INTEGER,
      sessionId: id,
      localDate: DataTypes.DATEONLY,
      lastSetAt: when,
      finishedAt: when,
      notes: json,
      rescue: DataTypes.STRING,
      hurtAt: when,
      hurtSeenAt: when,
    }),
    sets: table('logged_sets', {
      id: key(),
      coachId: id,
      workoutId: id,
      slotId: id,
      setId: id,
      exerciseId: id,
      loadValue: DataTypes.DECIMAL(7, 2),
      loadUnit: DataTypes.STRING,
      reps: DataTypes.INTEGER,
      rir: DataTypes.DECIMAL(3, 1),
      more: DataTypes.STRING(1500),
      measuresStrength: DataTypes.BOOLEAN,
      doneAt: when,
      receivedAt: when,
      supersedes: id,
      enteredBy: DataTypes.STRING(8),
    }),
    soreness: table('soreness_reports', {
      id: key(),
      coachId: id,
      workoutId: id,
      muscle: DataTypes.STRING,
      soreness: DataTypes.STRING,
      said: DataTypes.DATEONLY,
      at: when,
    }),
    ramps: table('ramp_reports', {
      id: key(),
      coachId: id,
      workoutId: id,
      slotId: id,
      verdict: DataTypes.STRING,
      at: when,
    }),
  };
}

function define(sequelize: Sequelize): Models {
  const table: Define = <Row extends object>(name: string, columns: Parameters<Sequelize['define']>[1]) =>
    sequelize.define(name, columns, { tableName: name }) as unknown as Table<Row>;
  return { ...peopleTables(table), ...blockTables(table), ...logTables(table) };
}

const defined = new WeakMap<Sequelize, Models>();

/** The tables, on the process's pool. */
export function models(): Models {
  const sequelize = database();
  const made = defined.get(sequelize) ?? define(sequelize);
  defined.set(sequelize, made);
  return made;
}
