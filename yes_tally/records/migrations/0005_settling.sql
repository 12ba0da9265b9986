CREATE TABLE part (
  id INTEGER PRIMARY KEY,
  kind TEXT NOT NULL,
  key TEXT NOT NULL,
  number TEXT NOT NULL,
  printed TEXT NOT NULL,
  written_by_id INTEGER NOT NULL REFERENCES person (id),
  written_at TEXT NOT NULL,
  ended_at TEXT,
  ended_by_id INTEGER REFERENCES person (id)
);
CREATE UNIQUE INDEX part_in_force ON part (kind, key) WHERE ended_at IS NULL;
CREATE INDEX part_by_key ON part (kind, key);
CREATE TABLE ruling (
  id INTEGER PRIMARY KEY,
  visit_id INTEGER NOT NULL REFERENCES visit (id),
  fact TEXT NOT NULL,
  item TEXT,
  shown TEXT NOT NULL,
  believed TEXT NOT NULL,
  heard TEXT NOT NULL,
  why TEXT NOT NULL,
  ruled_by_id INTEGER NOT NULL REFERENCES person (id),
  ruled_at TEXT NOT NULL,
  ended_at TEXT,
  ended_by_id INTEGER REFERENCES person (id)
);
CREATE INDEX ruling_by_visit ON ruling (visit_id) WHERE ended_at IS NULL;
CREATE TABLE asset_trace (
  kind TEXT NOT NULL,
  trace TEXT NOT NULL,
  asset_id INTEGER NOT NULL REFERENCES asset (id),
  shown TEXT NOT NULL,
  at TEXT NOT NULL,
  still INTEGER NOT NULL,
  PRIMARY KEY (kind, trace, asset_id)
) WITHOUT ROWID;
CREATE INDEX asset_trace_by_asset ON asset_trace (asset_id, kind);
CREATE TABLE visit_finding (
  id INTEGER PRIMARY KEY,
  visit_id INTEGER NOT NULL REFERENCES visit (id),
  cross_check TEXT NOT NULL,
  weight TEXT NOT NULL,
  says TEXT NOT NULL
);
CREATE INDEX visit_finding_by_visit ON visit_finding (visit_id);
ALTER TABLE asset ADD COLUMN board TEXT NOT NULL DEFAULT '';
ALTER TABLE visit_fact ADD COLUMN told TEXT NOT NULL DEFAULT '';
