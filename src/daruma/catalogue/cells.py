"""Cells by their chemistry, as the catalogue has them."""

import tomllib
from functools import cache
from importlib.resources import files
from typing import Annotated

import numpy as np
from pydantic import BaseModel, ConfigDict, Field, model_validator

from daruma.core.cell.chemistry import Chemistry
from daruma.core.language import tr

Volts = Annotated[float, Field(gt=0, le=10)]


class _CellFile(BaseModel):
    model_config = ConfigDict(extra="forbid", frozen=True)

    name: Annotated[str, Field(min_length=1, max_length=80)]
    full: Volts
    empty: Volts
    charge: Annotated[tuple[float, ...], Field(min_length=3, max_length=200)]
    volts: Annotated[tuple[Volts, ...], Field(min_length=3, max_length=200)]
    volts_u: Annotated[float, Field(gt=0, le=0.1)]
    kelvin: Annotated[float, Field(ge=-0.01, le=0.01)]
    resistance: Annotated[tuple[float, float], Field()]

    @model_validator(mode="after")
    def _rises(self) -> "_CellFile":
        both = len(self.charge) == len(self.volts) and (np.diff(self.charge) > 0).all() and (np.diff(self.volts) > 0).all()
        if not both or (self.charge[0], self.charge[-1]) != (0.0, 1.0):
            raise ValueError(tr("charge goes from 0 to 1, volts rise with it, as many of both"))
        return self


class _CellsFile(BaseModel):
    model_config = ConfigDict(extra="forbid", frozen=True)

    cells: dict[str, _CellFile]


@cache
def chemistries() -> dict[str, Chemistry]:
    """Return the chemistries by their keys."""
    raw = tomllib.loads((files("daruma.catalogue") / "cells.toml").read_text(encoding="utf-8"))
    return {key: Chemistry(key=key, **cell.model_dump()) for key, cell in _CellsFile.model_validate(raw).cells.items()}
