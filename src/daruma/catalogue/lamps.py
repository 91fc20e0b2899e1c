"""The published lamps that ship with the catalogue (lamps.csv; source in its head)."""

from functools import cache
from importlib.resources import files

import numpy as np

from daruma.core.colour.lamps import Lamps
from daruma.core.colour.sensor import Channel, SensorModel, fit_sensor


@cache
def published_lamps() -> Lamps:
    """Return the CIE illuminants and lamps of lamps.csv."""
    text = (files("daruma.catalogue") / "lamps.csv").read_text(encoding="ascii")
    head, *rows = [line for line in text.splitlines() if not line.startswith("#")]
    table = np.array([[float(cell) for cell in row.split(",")] for row in rows])
    return Lamps(tuple(head.split(",")[1:]), table[:, 0], np.ascontiguousarray(table[:, 1:].T))


@cache
def family_sensor(channels: tuple[tuple[float, float], ...]) -> SensorModel:
    """Return what a family's ambient sensor makes of its counts, from peaks and widths of its channels in nm."""
    return fit_sensor(tuple(Channel(*channel) for channel in channels), published_lamps())
