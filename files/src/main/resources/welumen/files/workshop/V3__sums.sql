-- a sum over the entry and the sum of the one before it in its log; Schema fills in those of older entries, and only then
-- says that the file is of version 3
ALTER TABLE entry ADD COLUMN sum TEXT NOT NULL DEFAULT '';
