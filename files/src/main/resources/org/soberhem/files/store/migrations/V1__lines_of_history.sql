-- One line of history for each wearer and each costume. head is the revision that is shown; later ones can be redone.
CREATE TABLE line (
    id        TEXT PRIMARY KEY,
    kind      TEXT NOT NULL,
    head      INTEGER NOT NULL,
    in_way    TEXT NOT NULL DEFAULT '[]'
) STRICT, WITHOUT ROWID;

CREATE INDEX line_kind ON line (kind);

-- What was done, and only what it changed: a list of {at, was, is}.
CREATE TABLE revision (
    line      TEXT NOT NULL REFERENCES line (id),
    seq       INTEGER NOT NULL,
    made      TEXT NOT NULL,
    action    TEXT NOT NULL,
    sentence  TEXT NOT NULL,
    changes   TEXT NOT NULL,
    PRIMARY KEY (line, seq)
) STRICT, WITHOUT ROWID;

-- The whole value now and then, gzip of JSON.
CREATE TABLE snapshot (
    line      TEXT NOT NULL REFERENCES line (id),
    seq       INTEGER NOT NULL,
    body      BLOB NOT NULL,
    PRIMARY KEY (line, seq)
) STRICT;

PRAGMA user_version = 1;
PRAGMA application_id = 1397704013;
