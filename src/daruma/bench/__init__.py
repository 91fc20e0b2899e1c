"""Use cases over link, store and core: read, keep, write, settle, prove."""
