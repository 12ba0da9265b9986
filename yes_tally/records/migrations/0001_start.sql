CREATE TABLE person (
  id INTEGER PRIMARY KEY,
  sign_in TEXT NOT NULL UNIQUE COLLATE NOCASE,
  name TEXT NOT NULL,
  role TEXT NOT NULL CHECK (role IN ('reader', 'technician', 'lead')),
  password_hash TEXT NOT NULL,
  created_at TEXT NOT NULL
);
CREATE TABLE session (
  token_hash TEXT PRIMARY KEY,
  person_id INTEGER NOT NULL REFERENCES person (id) ON DELETE CASCADE,
  created_at TEXT NOT NULL,
  expires_at TEXT NOT NULL
);
CREATE TABLE token (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL,
  token_hash TEXT NOT NULL UNIQUE,
  person_id INTEGER NOT NULL REFERENCES person (id),
  created_at TEXT NOT NULL,
  last_used_at TEXT,
  revoked_at TEXT
);
CREATE TABLE asset (
  id INTEGER PRIMARY KEY,
  tag TEXT NOT NULL UNIQUE,
  host TEXT NOT NULL DEFAULT '',
  serial TEXT NOT NULL DEFAULT '',
  uuid TEXT NOT NULL DEFAULT '',
  macs TEXT NOT NULL DEFAULT '[]',
  role TEXT NOT NULL DEFAULT '',
  site TEXT NOT NULL DEFAULT '',
  room TEXT NOT NULL DEFAULT '',
  desk TEXT NOT NULL DEFAULT '',
  form TEXT NOT NULL DEFAULT '',
  created_at TEXT NOT NULL
);
CREATE TABLE spec (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL UNIQUE
);
CREATE TABLE spec_revision (
  id INTEGER PRIMARY KEY,
  spec_id INTEGER NOT NULL REFERENCES spec (id),
  number INTEGER NOT NULL,
  text TEXT NOT NULL,
  note TEXT NOT NULL,
  author_id INTEGER NOT NULL REFERENCES person (id),
  published_at TEXT NOT NULL,
  UNIQUE (spec_id, number)
);
CREATE TABLE report (
  sha256 TEXT PRIMARY KEY,
  size INTEGER NOT NULL,
  compressed BLOB NOT NULL,
  first_at TEXT NOT NULL
);
CREATE TABLE visit (
  id INTEGER PRIMARY KEY,
  asset_id INTEGER REFERENCES asset (id),
  state TEXT NOT NULL DEFAULT 'open' CHECK (state IN ('open', 'sealed')),
  version INTEGER NOT NULL DEFAULT 1,
  taken_at TEXT NOT NULL,
  opened_by_id INTEGER NOT NULL REFERENCES person (id),
  entered_by_id INTEGER REFERENCES person (id),
  note TEXT NOT NULL DEFAULT ''
);
CREATE INDEX visit_by_asset ON visit (asset_id, taken_at);
CREATE INDEX visit_open ON visit (state, id) WHERE state = 'open';
CREATE TABLE visit_report (
  id INTEGER PRIMARY KEY,
  visit_id INTEGER NOT NULL REFERENCES visit (id),
  report_id TEXT NOT NULL REFERENCES report (sha256),
  file TEXT NOT NULL,
  way TEXT NOT NULL CHECK (way IN ('pasted', 'file', 'collector', 'shell')),
  by_id INTEGER NOT NULL REFERENCES person (id),
  at TEXT NOT NULL,
  UNIQUE (visit_id, report_id)
);
CREATE INDEX visit_report_by_time ON visit_report (at);
CREATE TABLE record (
  number INTEGER PRIMARY KEY,
  visit_id INTEGER NOT NULL UNIQUE REFERENCES visit (id),
  asset_id INTEGER NOT NULL REFERENCES asset (id),
  body BLOB NOT NULL,
  sha256 TEXT NOT NULL,
  sealed_at TEXT NOT NULL,
  sealed_by_id INTEGER NOT NULL REFERENCES person (id)
);
CREATE INDEX record_by_asset ON record (asset_id, number);
CREATE TRIGGER record_stays BEFORE UPDATE ON record
BEGIN SELECT RAISE (ABORT, 'a sealed record is never changed'); END;
CREATE TRIGGER record_is_kept BEFORE DELETE ON record
BEGIN SELECT RAISE (ABORT, 'a sealed record is never deleted'); END;
CREATE TABLE visit_fact (
  id INTEGER PRIMARY KEY,
  visit_id INTEGER NOT NULL REFERENCES visit (id),
  name TEXT NOT NULL,
  item TEXT,
  shown TEXT NOT NULL,
  low REAL,
  high REAL,
  disputed INTEGER NOT NULL
);
CREATE INDEX visit_fact_by_visit ON visit_fact (visit_id, name);
CREATE INDEX visit_fact_by_name ON visit_fact (name, low);
CREATE TABLE visit_answer (
  id INTEGER PRIMARY KEY,
  visit_id INTEGER NOT NULL REFERENCES visit (id),
  revision_id INTEGER NOT NULL REFERENCES spec_revision (id),
  line INTEGER NOT NULL,
  expectation TEXT NOT NULL,
  strength TEXT NOT NULL,
  verdict TEXT NOT NULL,
  found TEXT NOT NULL,
  margin TEXT NOT NULL,
  why TEXT NOT NULL
);
CREATE INDEX visit_answer_by_visit ON visit_answer (visit_id, id);
