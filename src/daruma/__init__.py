"""Moves, guards and proves the part data of repaired phones."""

__version__ = "0.1.0"
