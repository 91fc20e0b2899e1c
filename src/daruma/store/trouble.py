"""Trouble with what is kept; a module of its own, since settings are read before the database is wanted."""

from daruma.core.errors import Trouble


class StoreTrouble(Trouble):
    """Report that the store cannot keep or give data."""
