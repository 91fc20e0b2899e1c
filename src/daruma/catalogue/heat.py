"""The limits of heat by step, as the catalogue has them."""

import tomllib
from functools import cache
from importlib.resources import files
from typing import Annotated

from pydantic import BaseModel, ConfigDict, Field

from daruma.core.heat.trace import HeatLimits

Celsius = Annotated[float, Field(gt=0, le=1000)] | None
Slope = Annotated[float, Field(gt=0, le=100)] | None
Seconds = Annotated[float, Field(ge=0, le=10_000)] | None


class _StepFile(BaseModel):
    model_config = ConfigDict(extra="forbid", frozen=True)

    ramp: Slope = None
    cooling: Slope = None
    peak_min: Celsius = None
    peak_max: Celsius = None
    above: Celsius = None
    above_min: Seconds = None
    above_max: Seconds = None
    part: Celsius = None


class _HeatFile(BaseModel):
    model_config = ConfigDict(extra="forbid", frozen=True)

    steps: dict[str, _StepFile]


@cache
def heat_limits() -> dict[str, HeatLimits]:
    """Return the limits by the key of their step."""
    raw = tomllib.loads((files("daruma.catalogue") / "heat.toml").read_text(encoding="utf-8"))
    return {key: HeatLimits(**step.model_dump()) for key, step in _HeatFile.model_validate(raw).steps.items()}
