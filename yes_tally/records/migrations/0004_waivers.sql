CREATE TABLE waiver (
  id INTEGER PRIMARY KEY,
  asset_id INTEGER NOT NULL REFERENCES asset (id),
  says TEXT NOT NULL,
  why TEXT NOT NULL,
  agreed_by_id INTEGER NOT NULL REFERENCES person (id),
  agreed_at TEXT NOT NULL,
  until TEXT NOT NULL,
  ended_by_id INTEGER REFERENCES person (id),
  ended_at TEXT
);
CREATE INDEX waiver_by_asset ON waiver (asset_id, says);
