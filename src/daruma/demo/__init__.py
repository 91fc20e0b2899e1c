"""The demo scenario as data."""
