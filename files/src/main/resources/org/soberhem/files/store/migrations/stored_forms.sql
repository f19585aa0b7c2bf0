-- What is known of a line without reading it; empty where nothing is yet.
ALTER TABLE line ADD COLUMN overview TEXT NOT NULL DEFAULT '';
ALTER TABLE line DROP COLUMN in_way;

-- What leads on to a revision and what leads back from it, as patches after RFC 6902.
ALTER TABLE revision RENAME COLUMN changes TO forward;
ALTER TABLE revision ADD COLUMN back TEXT NOT NULL DEFAULT '[]';

-- Large parts of values that never change, each once, by the hash of their content: gzip of JSON.
CREATE TABLE part (
    hash      TEXT PRIMARY KEY,
    body      BLOB NOT NULL
) STRICT, WITHOUT ROWID;

-- Pictures of what was erased, until their files are gone.
CREATE TABLE leaving (
    hash      TEXT PRIMARY KEY
) STRICT, WITHOUT ROWID;

PRAGMA user_version = 2;
