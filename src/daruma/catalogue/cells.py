"""Cells by their chemistry, as the catalogue has them."""

import tomllib
from functools import cache
from importlib.resources import files
from itertools import pairwise
from typing import Annotated

import msgspec
from msgspec import Meta, Struct
from msgspec.structs import asdict

from daruma.core.cell.chemistry import Chemistry
from daruma.core.language import tr

Volts = Annotated[float, Meta(gt=0, le=10)]


class _CellFile(Struct, frozen=True, forbid_unknown_fields=True):
    name: Annotated[str, Meta(min_length=1, max_length=80)]
    full: Volts
    empty: Volts
    charge: Annotated[tuple[float, ...], Meta(min_length=3, max_length=200)]
    volts: Annotated[tuple[Volts, ...], Meta(min_length=3, max_length=200)]
    volts_u: Annotated[float, Meta(gt=0, le=0.1)]
    kelvin: Annotated[float, Meta(ge=-0.01, le=0.01)]
    resistance: tuple[float, float]

    def __post_init__(self) -> None:
        both = len(self.charge) == len(self.volts) and _rises(self.charge) and _rises(self.volts)
        if not both or (self.charge[0], self.charge[-1]) != (0.0, 1.0):
            raise ValueError(tr("charge goes from 0 to 1, volts rise with it, as many of both"))


class _CellsFile(Struct, frozen=True, forbid_unknown_fields=True):
    cells: dict[str, _CellFile]


def _rises(values: tuple[float, ...]) -> bool:
    return all(one < other for one, other in pairwise(values))


@cache
def chemistries() -> dict[str, Chemistry]:
    """Return the chemistries by their keys."""
    raw = tomllib.loads((files("daruma.catalogue") / "cells.toml").read_text(encoding="utf-8"))
    cells = msgspec.convert(raw, _CellsFile).cells
    return {key: Chemistry(key=key, **{**asdict(cell), "name": tr(cell.name)}) for key, cell in cells.items()}
