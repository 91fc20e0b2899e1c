"""The dot map of a face module: the common pattern, turned, shifted and bent by its own glass."""

import random
from functools import lru_cache
from math import cos

COLUMNS, ROWS = 28, 15  # of the common pattern; each dot stands somewhere in its own cell
STEP = 1 / 8192  # rad: directions are kept in such steps


@lru_cache(maxsize=1)
def _pattern() -> tuple[tuple[float, float], ...]:
    rng = random.Random("the pattern that all modules have in common")
    width, height = 1.06 / COLUMNS, 0.82 / ROWS
    return tuple(
        (-0.56 + width * (column + 0.5 + rng.uniform(-0.35, 0.35)), -0.41 + height * (row + 0.5 + rng.uniform(-0.35, 0.35)))
        for row in range(ROWS)
        for column in range(COLUMNS)
    )


@lru_cache(maxsize=64)
def glass_map(die: str) -> tuple[tuple[float, float], ...]:
    """Return one module's map: the common pattern turned, shifted by some mrad and smoothly bent by its own glass."""
    rng = random.Random(f"{die}/glass")
    x_shift, y_shift, turn = (rng.gauss(0, 0.003) for _ in range(3))
    bends = [[(rng.gauss(0, 2.2e-4), rng.gauss(0, 3), rng.gauss(0, 3), rng.uniform(0, 6.283)) for _ in range(6)] for _ in "xy"]
    found = []
    for x, y in _pattern():
        bent = [sum(size * cos(a * x + b * y + phase) for size, a, b, phase in waves) for waves in bends]
        found.append((x - turn * y + x_shift + bent[0], y + turn * x + y_shift + bent[1]))
    return tuple((round(x / STEP) * STEP, round(y / STEP) * STEP) for x, y in found)
