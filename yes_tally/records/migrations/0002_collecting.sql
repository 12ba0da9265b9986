ALTER TABLE asset ADD COLUMN address TEXT NOT NULL DEFAULT '';
ALTER TABLE asset ADD COLUMN port INTEGER NOT NULL DEFAULT 22;
ALTER TABLE asset ADD COLUMN sheet TEXT NOT NULL DEFAULT '';
CREATE TABLE visit_report_new (
  id INTEGER PRIMARY KEY,
  visit_id INTEGER NOT NULL REFERENCES visit (id),
  report_id TEXT NOT NULL REFERENCES report (sha256),
  file TEXT NOT NULL,
  way TEXT NOT NULL CHECK (way IN ('pasted', 'file', 'collector', 'shell', 'asked')),
  by_id INTEGER NOT NULL REFERENCES person (id),
  at TEXT NOT NULL,
  command TEXT NOT NULL DEFAULT '',
  exit_code INTEGER,
  took_ms INTEGER,
  errors_from INTEGER,
  failure TEXT NOT NULL DEFAULT '',
  UNIQUE (visit_id, report_id, command)
);
INSERT INTO visit_report_new (id, visit_id, report_id, file, way, by_id, at)
  SELECT id, visit_id, report_id, file, way, by_id, at FROM visit_report;
DROP TABLE visit_report;
ALTER TABLE visit_report_new RENAME TO visit_report;
CREATE INDEX visit_report_by_time ON visit_report (at);
CREATE TABLE ask_sheet (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL UNIQUE,
  system TEXT NOT NULL DEFAULT ''
);
CREATE TABLE ask_command (
  id INTEGER PRIMARY KEY,
  sheet_id INTEGER NOT NULL REFERENCES ask_sheet (id) ON DELETE CASCADE,
  position INTEGER NOT NULL,
  typed TEXT NOT NULL,
  purpose TEXT NOT NULL DEFAULT '',
  rights TEXT NOT NULL DEFAULT 'anyone' CHECK (rights IN ('anyone', 'administrator')),
  seconds REAL NOT NULL DEFAULT 1.0,
  UNIQUE (sheet_id, typed)
);
CREATE TABLE command_told (
  typed TEXT NOT NULL,
  fact TEXT NOT NULL,
  asset_id INTEGER NOT NULL REFERENCES asset (id),
  at TEXT NOT NULL,
  PRIMARY KEY (typed, fact, asset_id)
) WITHOUT ROWID;
CREATE TABLE command_outcome (
  id INTEGER PRIMARY KEY,
  typed TEXT NOT NULL,
  asset_id INTEGER NOT NULL REFERENCES asset (id),
  at TEXT NOT NULL,
  took_ms INTEGER,
  failure TEXT NOT NULL DEFAULT ''
);
CREATE INDEX command_outcome_by_typed ON command_outcome (typed, id);
CREATE TABLE host_key (
  address TEXT NOT NULL,
  port INTEGER NOT NULL,
  shown TEXT NOT NULL,
  first_at TEXT NOT NULL,
  PRIMARY KEY (address, port)
) WITHOUT ROWID;
CREATE TABLE hand_in_address (
  id INTEGER PRIMARY KEY,
  code_hash TEXT NOT NULL UNIQUE,
  visit_id INTEGER REFERENCES visit (id),
  person_id INTEGER NOT NULL REFERENCES person (id),
  created_at TEXT NOT NULL,
  expires_at TEXT NOT NULL
);
CREATE TABLE credential (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL UNIQUE,
  user TEXT NOT NULL,
  sealed BLOB NOT NULL,
  person_id INTEGER NOT NULL REFERENCES person (id),
  created_at TEXT NOT NULL
);
CREATE TABLE run (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL,
  person_id INTEGER NOT NULL REFERENCES person (id),
  limits TEXT NOT NULL,
  started_at TEXT NOT NULL,
  ended_at TEXT
);
CREATE TABLE run_pc (
  id INTEGER PRIMARY KEY,
  run_id INTEGER NOT NULL REFERENCES run (id),
  asset_id INTEGER NOT NULL REFERENCES asset (id),
  visit_id INTEGER REFERENCES visit (id),
  state TEXT NOT NULL DEFAULT 'waiting' CHECK (state IN ('waiting', 'asking', 'ended', 'not-reached', 'stopped')),
  why TEXT NOT NULL DEFAULT '',
  kind TEXT NOT NULL DEFAULT '',
  understood INTEGER NOT NULL DEFAULT 1,
  UNIQUE (run_id, asset_id)
);
CREATE INDEX run_pc_to_read ON run_pc (understood) WHERE understood = 0;
CREATE TABLE run_command (
  id INTEGER PRIMARY KEY,
  pc_id INTEGER NOT NULL REFERENCES run_pc (id),
  typed TEXT NOT NULL,
  seconds REAL NOT NULL,
  state TEXT NOT NULL DEFAULT 'waiting' CHECK (state IN ('waiting', 'answered', 'failed')),
  failure TEXT NOT NULL DEFAULT '',
  why TEXT NOT NULL DEFAULT '',
  took_ms INTEGER,
  report_id TEXT REFERENCES report (sha256)
);
CREATE INDEX run_command_by_pc ON run_command (pc_id, id);
