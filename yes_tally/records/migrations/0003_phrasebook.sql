CREATE TABLE phrase (
  id INTEGER PRIMARY KEY,
  label TEXT NOT NULL,
  fact TEXT,
  heading TEXT NOT NULL DEFAULT '',
  after TEXT,
  printed TEXT NOT NULL DEFAULT '',
  report_id TEXT REFERENCES report (sha256),
  line INTEGER NOT NULL DEFAULT 0,
  taught_by_id INTEGER NOT NULL REFERENCES person (id),
  taught_at TEXT NOT NULL,
  off_by_id INTEGER REFERENCES person (id),
  off_at TEXT
);
CREATE TABLE report_reading (
  report_id TEXT NOT NULL REFERENCES report (sha256),
  command TEXT NOT NULL DEFAULT '',
  reader INTEGER NOT NULL,
  book TEXT NOT NULL,
  readings INTEGER NOT NULL,
  words TEXT NOT NULL,
  PRIMARY KEY (report_id, command)
) WITHOUT ROWID;
CREATE TABLE unknown_label (
  report_id TEXT NOT NULL,
  command TEXT NOT NULL DEFAULT '',
  label TEXT NOT NULL,
  heading TEXT NOT NULL DEFAULT '',
  printed TEXT NOT NULL,
  line INTEGER NOT NULL,
  FOREIGN KEY (report_id, command) REFERENCES report_reading (report_id, command) ON DELETE CASCADE
);
CREATE INDEX unknown_label_by_report ON unknown_label (report_id, command);
CREATE INDEX unknown_label_by_label ON unknown_label (label);
CREATE TABLE visit_read_again (
  visit_id INTEGER PRIMARY KEY REFERENCES visit (id),
  at TEXT NOT NULL,
  differs INTEGER NOT NULL
);
