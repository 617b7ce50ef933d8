-- the entries of other logs that are one action with this one, as "stream:sequence" with blanks between; empty for none
ALTER TABLE entry ADD COLUMN beside TEXT NOT NULL DEFAULT '';

PRAGMA user_version = 2;
