"""The limits of heat by step, as the catalogue has them."""

import tomllib
from functools import cache
from importlib.resources import files
from typing import Annotated

import msgspec
from msgspec import Meta, Struct
from msgspec.structs import asdict

from daruma.core.heat.trace import HeatLimits

Celsius = Annotated[float, Meta(gt=0, le=1000)] | None
Slope = Annotated[float, Meta(gt=0, le=100)] | None
Seconds = Annotated[float, Meta(ge=0, le=10_000)] | None


class _StepFile(Struct, frozen=True, forbid_unknown_fields=True):
    ramp: Slope = None
    cooling: Slope = None
    peak_min: Celsius = None
    peak_max: Celsius = None
    above: Celsius = None
    above_min: Seconds = None
    above_max: Seconds = None
    part: Celsius = None


class _HeatFile(Struct, frozen=True, forbid_unknown_fields=True):
    steps: dict[str, _StepFile]


@cache
def heat_limits() -> dict[str, HeatLimits]:
    """Return the limits by the key of their step."""
    raw = tomllib.loads((files("daruma.catalogue") / "heat.toml").read_text(encoding="utf-8"))
    return {key: HeatLimits(**asdict(step)) for key, step in msgspec.convert(raw, _HeatFile).steps.items()}
