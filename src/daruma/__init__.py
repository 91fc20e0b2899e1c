"""Moves, guards and proves the part data of repaired phones."""
