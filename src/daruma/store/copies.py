"""Copies of the store: the front door to making, verifying, rotating, comparing and restoring them."""

from daruma.store.copy_files import FOLDER, Copy, copies_of, copy_named
from daruma.store.copy_memory import Held, held_by
from daruma.store.merge.context import Carried
from daruma.store.night_copy import faults_of, make_copy
from daruma.store.restore import Restored, compare, restore
from daruma.store.rotation import DAYS, WEEKS, Coverage, coverage_of, is_due, outdated, rotate

__all__ = [
    "DAYS",
    "FOLDER",
    "WEEKS",
    "Carried",
    "Copy",
    "Coverage",
    "Held",
    "Restored",
    "compare",
    "copies_of",
    "copy_named",
    "coverage_of",
    "faults_of",
    "held_by",
    "is_due",
    "make_copy",
    "outdated",
    "restore",
    "rotate",
]
