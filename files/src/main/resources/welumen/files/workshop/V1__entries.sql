CREATE TABLE entry (
    stream   TEXT    NOT NULL,
    sequence INTEGER NOT NULL,
    at       TEXT    NOT NULL,
    author   TEXT    NOT NULL,
    note     TEXT    NOT NULL CHECK (note IN ('made', 'taken-back', 'put-back')),
    version  INTEGER NOT NULL,
    body     TEXT    NOT NULL,
    PRIMARY KEY (stream, sequence)
) STRICT;

PRAGMA user_version = 1;
