"""Pure computation: no Qt, no SQL, no files, no clock."""
