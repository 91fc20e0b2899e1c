"""Power over the charging cable."""
